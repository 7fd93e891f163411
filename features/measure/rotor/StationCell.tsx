import { MeasureCell } from '../MeasureCell';
import type { RotorSheet } from './useRotorSheet';

type Props = {
  rotor: RotorSheet;
  /** Which figure of the set. */
  name: string;
  label: string;
  point: 'rotor_face' | 'rotor_thickness';
  station: number;
};

/** One figure at one station of a rotor, where the gauge stands for it. */
export function StationCell({ rotor, name, label, point, station }: Props) {
  return (
    <MeasureCell
      id={rotor.cellId(name)}
      label={label}
      base="mm"
      quantity={point === 'rotor_face' ? 'displacement' : 'thickness'}
      pose={{ point, corner: rotor.corner, angleDeg: (360 * station) / rotor.typed.stations }}
      value={rotor.figure(name)}
      invalid={rotor.read.wrong?.name === name}
      disabled={rotor.slot.closed}
      onChange={(text) => rotor.change(name, text)}
      onNext={() => rotor.next(name)}
    />
  );
}
