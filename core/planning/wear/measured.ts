import { byCorner, type Corner } from '../../car/corner';
import type { PadsInput } from '../../readings/pads/schema';
import { readRotor } from '../../readings/rotor/rotor';
import type { RotorInput } from '../../readings/rotor/schema';

/** What was last measured at a corner, as far as a drawing of it needs. */
export type MeasuredCorner = {
  rotor: { mm?: number; shape?: 'flat' | 'wobble' | 'wave' };
  pads: Partial<Record<'inner' | 'outer', { leading: number; trailing: number }>>;
};

export type Measured = Record<Corner, MeasuredCorner>;

type Read = { kind: string; corner: string; input: Record<string, unknown> | null };

/** The newest readings of pads and rotor at each corner; later ones in the list count over earlier ones. */
export function measuredOf(readings: readonly Read[]): Measured {
  return byCorner((corner) => {
    const of = (kind: string) =>
      readings.findLast((row) => row.kind === kind && row.corner === corner && row.input !== null)?.input;
    const rotor = of('rotor') as RotorInput | undefined;
    const pads = (of('pads') as PadsInput | undefined)?.corners[corner];
    const ends = ({ leading, trailing }: { leading: number; trailing: number }) => ({ leading, trailing });
    return {
      rotor: rotor ? rotorOf(rotor) : {},
      pads: pads ? { inner: ends(pads.inner), outer: ends(pads.outer) } : {},
    };
  });
}

function rotorOf(input: RotorInput): MeasuredCorner['rotor'] {
  const { lowestMm, states } = readRotor(input);
  return { ...(lowestMm === undefined ? {} : { mm: lowestMm }), shape: states.rotor_shape };
}
