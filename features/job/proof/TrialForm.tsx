'use client';

import { useState } from 'react';
import { TRIAL_FIGURE_IDS, TRIAL_FIGURES, type TrialFigure } from '@/core/job/changeTrial';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { useJob } from '../../record/JobProvider';
import { TrialFigures } from '../../record/trial/TrialLine';
import { lapsBase, readLaps, trialUnit } from '../../record/trial/typed';
import { DayField } from '../../shell/DayField';
import { useShop } from '../../shell/ShopContext';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';

type Laps = { before: string; after: string };
type Draft = {
  change: string;
  figure: TrialFigure;
  /** As they are typed, by what they are. */
  laps: Partial<Record<TrialFigure, Laps>>;
  onDate: string;
  note: string;
};

const BLANK: Draft = { change: '', figure: 'travel', laps: {}, onDate: '', note: '' };
const NO_LAPS: Laps = { before: '', after: '' };

/** A change and its laps, to be noted. */
export function TrialForm() {
  const { sheet, addTrial } = useJob();
  const { today } = useShop();
  const units = useUnits();
  const [draft, keep, forget] = useKeptFigures(`trial.${sheet.job.id}`, BLANK, lapsBase);
  const [tried, setTried] = useState(false);
  const change = draft.change === '' ? (sheet.works.at(-1)?.title ?? '') : draft.change;
  const laps = draft.laps[draft.figure] ?? NO_LAPS;
  const before = readLaps(laps.before, draft.figure, units);
  const after = readLaps(laps.after, draft.figure, units);
  const wrong = (side: keyof Laps, read: number[] | string) =>
    typeof read === 'string' && (tried || laps[side].trim().includes(' ')) ? read : undefined;
  const isWhole = typeof before !== 'string' && typeof after !== 'string';
  const note = () => {
    setTried(true);
    if (!isWhole || change.trim() === '') return;
    const { figure, note: said } = draft;
    const onDate = draft.onDate === '' ? today : draft.onDate;
    addTrial({ change: change.trim(), figure, before, after, onDate, note: said.trim() });
    forget();
    setTried(false);
  };
  return (
    <form
      aria-label="A change tried over laps"
      className="grid gap-3"
      onSubmit={(event) => {
        event.preventDefault();
        note();
      }}
    >
      <div className="grid gap-3 sm:grid-cols-[1fr_14rem_12rem]">
        <TextField
          label="What was changed"
          value={change}
          maxLength={200}
          error={tried && change.trim() === '' ? 'what was changed' : undefined}
          onChange={(event) => keep({ ...draft, change: event.target.value })}
        />
        <SelectField
          label="Told by"
          value={draft.figure}
          onChange={(event) => keep({ ...draft, figure: event.target.value as TrialFigure })}
        >
          {TRIAL_FIGURE_IDS.map((id) => (
            <option key={id} value={id}>
              {TRIAL_FIGURES[id].label}
            </option>
          ))}
        </SelectField>
        <DayField
          label="Tried on"
          value={draft.onDate === '' ? today : draft.onDate}
          onChange={(onDate) => keep({ ...draft, onDate })}
        />
      </div>
      {(['before', 'after'] as const).map((side) => (
        <TextField
          key={side}
          label={side === 'before' ? 'Laps before the change' : 'Laps after it, same day, same driver'}
          unit={trialUnit(draft.figure, units)}
          hint="One after another, with spaces"
          autoComplete="off"
          value={laps[side]}
          error={wrong(side, side === 'before' ? before : after)}
          onChange={(event) =>
            keep({
              ...draft,
              laps: { ...draft.laps, [draft.figure]: { ...laps, [side]: event.target.value } },
            })
          }
        />
      ))}
      {isWhole && <TrialFigures trial={{ figure: draft.figure, before, after }} />}
      <TextField
        label="What was different besides"
        value={draft.note}
        maxLength={400}
        hint="Air, traffic, fuel, tyres: what drifts in a day"
        onChange={(event) => keep({ ...draft, note: event.target.value })}
      />
      <div>
        <Button type="submit">Note the trial</Button>
      </div>
    </form>
  );
}
