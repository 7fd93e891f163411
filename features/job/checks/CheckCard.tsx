'use client';

import dynamic from 'next/dynamic';
import type { Corner } from '@/core/car/corner';
import type { NextCheck } from '@/core/diagnosis/verdict';
import type { Finding } from '@/core/diagnosis/vocabulary/findings';
import { HOW_TO } from '@/core/diagnosis/vocabulary/howTo';
import { Timer } from '@/ui/Timer';
import { useDesk } from '../desk/Desk';
import { FindingRow } from '../FindingRow';
import { foretell } from '../LeaningRail';
import { checkAnchor } from './anchor';
import { DerivedNote } from './DerivedNote';
import { FluidReading } from './FluidReading';
import { PedalRatioReading } from './PedalRatioReading';

// Comes when a corner is picked: the checks from the seat do not wait for it.
const RotorReading = dynamic(() => import('./RotorReading').then((module) => module.RotorReading), {
  ssr: false,
});

const HOLD_SECONDS = 30;

type Props = { check: Finding; corner?: Corner; rank: number; next?: NextCheck };

/** One check: how it is done, what it costs and needs, its states, and the reading it can come from. */
export function CheckCard({ check, corner, rank, next }: Props) {
  const { stateOf } = useDesk();
  const marked = rank >= 0 && stateOf('before', check.id, corner) === '';
  return (
    <FindingRow
      finding={check.id}
      place={corner}
      id={checkAnchor(check.id)}
      marked={marked}
      about={
        <>
          {marked && <b className="mr-1.5 font-semibold text-ink">{rank === 0 ? 'Next.' : 'Soon.'}</b>}
          <span className="reading">{check.minutes} min</span>
          {check.needs && <> · {check.needs}</>} · {HOW_TO[check.id]}
        </>
      }
    >
      {marked && next && rank === 0 && <p className="mt-1 text-[0.9375rem]">{foretell(next)}</p>}
      {check.id === 'pedal_hold' && (
        <div className="mt-2">
          <Timer seconds={HOLD_SECONDS} label="Time 30 s" />
        </div>
      )}
      {check.id === 'fluid_moisture' && <FluidReading />}
      {check.id === 'pedal_ratio' && <PedalRatioReading />}
      {check.id === 'rotor_runout' && corner && <RotorReading key={corner} corner={corner} />}
      <DerivedNote finding={check.id} corner={corner} />
    </FindingRow>
  );
}
