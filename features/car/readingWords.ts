import { readRotor } from '@/core/rotor/rotor';
import type { RotorInput } from '@/core/rotor/schema';
import { figure } from '@/ui/format';

const LABELS: Record<string, string> = { fluid: 'Fluid', 'pedal-ratio': 'Pedal ratio', rotor: 'Rotor' };

/** What the shop calls a kind of reading. */
export function readingLabel(kind: string): string {
  return LABELS[kind] ?? kind;
}

type Read = { kind: string; input: Record<string, unknown> };

/** A reading's figures with their units, as one would say them. */
export function readingWords({ kind, input }: Read): string {
  const value = (field: string) => input[field] as number | undefined;
  if (kind === 'fluid') {
    return [
      value('moisturePct') === undefined ? '' : `${figure(value('moisturePct'), 1)} % water`,
      value('boilingC') === undefined ? '' : `boils ${figure(value('boilingC'), 0)} °C`,
      value('caliperPeakC') === undefined ? '' : `caliper ${figure(value('caliperPeakC'), 0)} °C`,
    ]
      .filter((part) => part !== '')
      .join(', ');
  }
  if (kind === 'pedal-ratio') return figure(value('aMm')! / value('bMm')!, 2);
  if (kind === 'rotor') {
    const { tirMm, dtvMm, lowestMm } = readRotor(input as RotorInput);
    return `runout ${figure(tirMm, 3)} mm${dtvMm === undefined ? '' : `, variation ${figure(dtvMm, 3)}, lowest ${figure(lowestMm, 2)} mm`}`;
  }
  return '';
}
