'use client';

import { CORNERS, type Corner } from '@/core/car/corner';
import type { CarSpec } from '@/core/car/spec';
import { assistOf, brakeAt } from '@/core/car/traits';
import { traitsOf } from '@/core/car/traitsOf';
import type { FindingId, FindingWhere } from '@/core/diagnosis/vocabulary/findings';
import { FINDINGS, type Finding } from '@/core/diagnosis/vocabulary/findings';
import { Choice } from '@/ui/Choice';
import { useDesk } from '../desk/Desk';
import { AtHand } from './AtHand';
import { CheckCard } from './CheckCard';
import { useWantedCheck } from './wanted';

const WHERES: { where: FindingWhere; title: string; about: string }[] = [
  { where: 'cabin', title: 'From the seat', about: 'Before anything is touched' },
  { where: 'engine_bay', title: 'Under the bonnet', about: 'Cheap, and half of it needs no tools' },
  { where: 'wheels_off', title: 'Wheels off', about: 'Pick a corner; look at all of it while you are there' },
  { where: 'pit_lane', title: 'In the pit lane', about: 'Straight in from the lap' },
  { where: 'road', title: 'Driving', about: 'Slow, straight, empty; only on a firm pedal' },
];

/** The checks in working order, cheap ones first, the one worth its minutes next marked. */
export function ChecksStage() {
  const { sheet, judgement, corner, pickCorner } = useDesk();
  const next = judgement.verdict.nextChecks.slice(0, 3);
  useWantedCheck(pickCorner);
  const at: Corner | undefined = corner ?? undefined;
  return (
    <>
      <h2 className="mb-2 text-2xl">
        Checks{' '}
        <span className="ml-1 text-base font-medium text-soft">
          any order; the marked ones tell most for their minutes
        </span>
      </h2>
      <AtHand />
      {WHERES.map(({ where, title, about }) => {
        const checks = (FINDINGS as readonly Finding[]).filter(
          (finding) => finding.where === where && applies(finding.id, sheet.car, at),
        );
        return (
          <section key={where} className="mt-5">
            <div className="flex flex-wrap items-end justify-between gap-2 border-b-2 border-ink pb-1">
              <h3 className="text-xl">
                {title} <span className="ml-1 text-base font-medium text-soft">{about}</span>
              </h3>
              {where === 'wheels_off' && (
                <Choice
                  label="Corner"
                  value={corner ?? ''}
                  onChange={(value) => pickCorner(value === '' ? null : (value as Corner))}
                  options={CORNERS.map((each) => ({ value: each, label: each }))}
                />
              )}
            </div>
            <ul>
              {checks.map((check) => (
                <CheckCard
                  key={check.id}
                  check={check}
                  corner={check.place === 'corner' ? at : undefined}
                  rank={next.findIndex((each) => each.id === check.id)}
                  next={next.find((each) => each.id === check.id)}
                />
              ))}
            </ul>
          </section>
        );
      })}
    </>
  );
}

/** Checks of what the car does not have are left out. */
function applies(id: FindingId, car: CarSpec, corner: Corner | undefined): boolean {
  const traits = traitsOf(car);
  const assist = assistOf(traits);
  if (id === 'assist_start') return assist !== 'none';
  if (id === 'assist_vacuum') return assist === undefined || assist === 'vacuum';
  if (id === 'assist_fluid') return assist === undefined || assist === 'hydraulic';
  if (id === 'rotor_float') return car.front.rotor !== 'one_piece' || car.rear.rotor !== 'one_piece';
  if (id === 'parking_brake') return car.parkingBrake !== 'none';
  const drum = id.startsWith('drum_') || id === 'wheel_cylinder';
  if (drum) return car.rear.brake === 'drum' && (corner === undefined || corner.startsWith('R'));
  const disc = /^(rotor_|pad_|piston_|slide_|bleeder_|hub_runout)/.test(id);
  if (disc && corner) return brakeAt(traits, corner.startsWith('F') ? 'front' : 'rear') === 'disc';
  return true;
}
