'use client';

import { fillOffered } from '@/core/job/fillOffered';
import { fluidIn } from '@/core/planning/fill/fill';
import { type FillTyped, fillBase, fillTyped, readFill } from '../../car/fill/typed';
import { useJob } from '../../record/JobProvider';
import type { Refusal } from '../../shell/refusal';
import { refusedField } from '../../shell/request';
import { useShop } from '../../shell/ShopContext';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { FillFields } from './proofParts';

type NewFillDraft = {
  typed: FillTyped | null;
  keep: (typed: FillTyped) => void;
  forget: () => void;
  /** As it goes with the closing; nothing where nothing was flushed. */
  content?: object;
};

/** What the job’s flush filled the car with: what its run tells stands in it, the rest is typed. */
export function useNewFill(): NewFillDraft {
  const { sheet } = useJob();
  const shop = useShop();
  const units = useUnits();
  const offered = fillOffered(sheet, shop);
  const [kept, keep, forget] = useKeptFigures<FillTyped | null>(`new-fill.${sheet.job.id}`, null, fillBase);
  const typed = kept ?? (offered ? fillTyped(offered, units) : null);
  const content = offered && (kept ? readFill(kept, offered, units) : offered);
  return { typed: offered ? typed : null, keep, forget, ...(content ? { content } : {}) };
}

export function NewFill({ fill: { typed, keep }, refusal }: { fill: NewFillDraft; refusal: Refusal | null }) {
  const { sheet } = useJob();
  if (!typed) return null;
  return (
    <fieldset className="grid gap-3">
      <legend className="narrow font-semibold">The new fluid</legend>
      <FillFields
        typed={typed}
        before={fluidIn(sheet.fill, sheet.car)}
        errorOf={(field) => refusedField(refusal, `fill.${field}`)}
        onChange={keep}
      />
    </fieldset>
  );
}
