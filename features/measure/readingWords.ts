import type { HeatInput } from '@/core/heat/schema';
import type { ReadingRow } from '@/core/job/sheet';
import { readPads } from '@/core/pads/pads';
import type { PadsInput } from '@/core/pads/schema';
import { reindex } from '@/core/rotor/reindex';
import type { ReindexInput } from '@/core/rotor/reindexSchema';
import { type RotorResult, readRotor } from '@/core/rotor/rotor';
import type { RotorInput } from '@/core/rotor/schema';
import { figure } from '@/ui/format';
import type { Units } from '../shell/units';

type Read = Pick<ReadingRow, 'input' | 'said' | 'unreadable'> & { kind: string };

/** A reading's figures with their units, as one would say them. */
export function readingWords({ kind, input, said, unreadable }: Read, { full }: Units): string {
  if (input === null)
    return unreadable ? `as written, not readable by today’s rule: ${short(unreadable)}` : 'taken back';
  const value = (field: string) => input[field] as number | undefined;
  const part = (field: string, words: (shown: number) => string) =>
    value(field) === undefined ? [] : [words(value(field)!)];
  switch (kind) {
    case 'fluid':
      return [
        ...part('moisturePct', (shown) => `${figure(shown, 1)} % water`),
        ...part('boilingC', (shown) => `boils ${full(shown, '°C', 0)}`),
        ...part('caliperPeakC', (shown) => `caliper ${full(shown, '°C', 0)}`),
      ].join(', ');
    case 'pedal-ratio':
      return figure(value('aMm')! / value('bMm')!, 2);
    case 'pedal': {
      const held = input.held as { seconds: number; sankMm: number; forceN?: number } | undefined;
      return [
        ...part('freePlayMm', (shown) => `free play ${full(shown, 'mm', 1)}`),
        ...(held ? [`sank ${full(held.sankMm, 'mm', 0)} in ${held.seconds} s`] : []),
        ...part('masterMovementMm', (shown) => `master moves ${full(shown, 'mm', 1)}`),
        ...part('vacuumKPa', (shown) => `vacuum ${full(shown, 'kPa', 0)}`),
      ].join(', ');
    }
    case 'rotor': {
      const { tirMm, dtvMm, lowestMm } = (said ?? readRotor(input as RotorInput)) as RotorResult;
      const thick =
        dtvMm === undefined ? '' : `, variation ${full(dtvMm, 'mm', 3)}, lowest ${full(lowestMm, 'mm', 2)}`;
      return `runout ${full(tirMm, 'mm', 3)}${thick}`;
    }
    case 'reindex': {
      const { hubMm, best, bestMm } = (said ?? reindex(input as ReindexInput)) as ReturnType<typeof reindex>;
      const turn =
        bestMm === undefined
          ? ''
          : `, best ${best === 0 ? 'as it is' : `turned ${best}`}: ${full(bestMm, 'mm', 3)}`;
      return `${full(hubMm, 'mm', 3)}${turn}`;
    }
    case 'pads':
      return Object.values(((said ?? readPads(input as PadsInput)) as ReturnType<typeof readPads>).corners)
        .map((corner) => `lowest ${full(corner.lowestMm, 'mm', 1)}`)
        .join(', ');
    case 'bearing':
      return full(value('playMm'), 'mm', 3);
    case 'hub-flex':
      return full(value('deflectionMm'), 'mm', 2);
    case 'drum': {
      const bore = input.boreMm as number[];
      return `bore ${bore.map((each) => full(each, 'mm', 2)).join(' and ')}`;
    }
    case 'heat':
      return Object.entries((input as HeatInput).corners)
        .map(
          ([corner, read]) =>
            `${corner} ${full(read.faceC ?? read.rotorPeakC ?? read.caliperPeakC, '°C', 0)}`,
        )
        .join(', ');
    case 'judder':
      return [
        `${figure(value('speedKmh'), 0)} km/h`,
        ...part('frequencyHz', (shown) => `${figure(shown, 1)} beats a second`),
      ].join(', ');
    default:
      return '';
  }
}

/** Figures as they stand in the record, cut short. */
function short(written: Record<string, unknown>): string {
  const text = JSON.stringify(written);
  return text.length > 80 ? `${text.slice(0, 79)}…` : text;
}
