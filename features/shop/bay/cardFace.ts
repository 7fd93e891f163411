import type { Corner } from '@/core/car/corner';
import type { CarSpec } from '@/core/car/spec';
import { causeLabel } from '@/core/diagnosis/labels';
import type { Stage } from '@/core/job/stage';
import type { BayCard } from '@/server/bay/queries';
import type { PlanCorner } from '@/ui/CornerPlan';
import { jobCorners } from '../../record/plan/corners';

/** What a card shows, and no more: the page of a full bay would otherwise carry every job's whole record. */
export type CardFace = {
  id: string;
  number: number;
  stage: Stage;
  carName: string;
  driveSide: CarSpec['driveSide'];
  corners: Record<Corner, PlanCorner>;
  complaint: string;
  holds: { id: string; label: string; until: string }[];
  out?: { driver: string; dueOn: string };
  leading?: { label: string; probability: number; corner: Corner | null };
  neededAt: string | null;
  openedAt: string;
};

export function cardFace({ sheet, holds, derived, measured, stage, leading, out }: BayCard): CardFace {
  const { job, car } = sheet;
  return {
    ...{ id: job.id, number: job.number, stage, carName: car.name, driveSide: car.driveSide },
    corners: jobCorners(sheet, holds, derived, measured),
    complaint: job.complaint,
    holds: holds.map(({ id, label, until }) => ({ id, label, until })),
    ...(out ? { out: { driver: out.driver, dueOn: out.dueOn } } : {}),
    ...(leading
      ? {
          leading: {
            label: causeLabel(leading.id),
            probability: leading.probability,
            corner: leading.corner ?? null,
          },
        }
      : {}),
    ...{ neededAt: job.neededAt, openedAt: job.openedAt },
  };
}
