'use client';

import { memo } from 'react';
import { axleOf, CORNERS, type Corner, type Place } from '@/core/car/corner';
import type { NextCheck } from '@/core/diagnosis/verdict';
import { formUnder } from '@/core/readings/measureOf';
import { MEASURES } from '@/core/readings/measures';
import type { Finding } from '@/core/readings/vocabulary/findings';
import { Choice } from '@/ui/Choice';
import { Opens } from '@/ui/Opens';
import { Timer } from '@/ui/Timer';
import { Measure } from '../measure/Measure';
import { FindingRow } from '../record/FindingRow';
import { useSaid } from '../record/JobProvider';
import { later } from '../shell/later';
import { useUnits } from '../shell/useUnits';
import { checkAnchor } from './anchor';
import { DerivedNotes } from './DerivedNote';
import { foretell } from './foretell';
import { wantCheck } from './wanted';

// Drawings come when somebody wants to see them.
const EyeChoice = later(() => import('./eye/EyeChoice').then((module) => module.EyeChoice));
const DialSetup = later(() => import('./eye/DialSetup').then((module) => module.DialSetup));

const HOLD_SECONDS = 30;

type Props = { check: Finding; corner?: Corner; rank: number; next?: NextCheck };

/** One check: how it is done, what it costs and needs, its states, and the reading it can come from. */
export const CheckCard = memo(function CheckCard({ check, corner, rank, next }: Props) {
  const units = useUnits();
  const place: Place | undefined = check.place === 'axle' ? corner && axleOf(corner) : corner;
  const marked = useSaid('before', check.id, place) === '' && rank >= 0;
  const form = formUnder(check.id);
  const ready = form && (corner !== undefined || MEASURES[form].at === 'car');
  return (
    <FindingRow
      finding={check.id}
      place={place}
      id={checkAnchor(check.id)}
      marked={marked}
      about={
        <>
          {marked && <b className="mr-1.5 font-semibold text-ink">{rank === 0 ? 'Next.' : 'Soon.'}</b>}
          <span className="reading">{check.minutes} min</span>
          {check.needs && <> · {check.needs}</>} · {units.words(check.how ?? '')}
        </>
      }
    >
      {marked && next && rank === 0 && <p className="mt-1 text-small">{foretell(next)}</p>}
      {check.id === 'pedal_hold' && (
        <div className="mt-2">
          <Timer seconds={HOLD_SECONDS} label="Time 30 s" />
        </div>
      )}
      {check.looks && (
        <Opens className="mt-1 text-small" head={<span className="text-soft">What each looks like</span>}>
          <EyeChoice finding={check.id} place={place} />
        </Opens>
      )}
      {form && !ready && (
        <div data-corner-first className="mt-2 flex flex-wrap items-center gap-3">
          <span className="text-small text-soft">Measured at a corner: which?</span>
          <Choice
            label={`${check.label}: corner`}
            value=""
            onChange={(value) => value !== '' && wantCheck(check.id, value as Corner, true)}
            options={CORNERS.map((each) => ({ value: each, label: each }))}
          />
        </div>
      )}
      {form && ready && MEASURES[form].open && <Measure measure={form} corner={corner} />}
      {form && ready && !MEASURES[form].open && (
        <Opens className="mt-1 text-small" head={<span className="text-soft">Measure it</span>} measures>
          <DialSetup measure={form} />
          <Measure measure={form} corner={corner} />
        </Opens>
      )}
      <DerivedNotes finding={check.id} place={place} />
    </FindingRow>
  );
});
