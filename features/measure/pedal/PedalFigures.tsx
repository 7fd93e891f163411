import { exceeds } from '@/core/car/limits/limit';
import { SOURCE_WORDS } from '@/core/car/limits/sources';
import type { firmness } from '@/core/readings/pedal/firmness';
import { FigureList, type ListedFigure } from '@/ui/FigureList';
import { figure } from '@/ui/format';
import type { Units } from '../../shell/units';
import { useUnits } from '../../shell/useUnits';

/** The pedal in figures: each with what it is held against and who says so. */
export function PedalFigures({ result }: { result: ReturnType<typeof firmness> }) {
  return <FigureList items={pedalFigures(result, useUnits())} />;
}

/** Its stiffness, travel, rise and reserve. */
export function pedalFigures(result: ReturnType<typeof firmness>, { full }: Units): ListedFigure[] {
  const limitOf = (name: string) => result.limits.find((each) => each.name === name)!;
  const limit = (name: string) => limitOf(name).value;
  const whose = (name: string) => SOURCE_WORDS[limitOf(name).from];
  const { stiffnessNPerMm, against, riseByPumpingMm, reserveMm, sweptMl, states } = result;
  const soft = states.pedal_now === 'soft';
  const long = states.pedal_now === 'long';
  const more = against?.travelMoreMm;
  return [
    {
      label: 'Stiffness',
      value: stiffnessNPerMm === undefined ? '—' : `${figure(stiffnessNPerMm, 1)} N/mm`,
      say:
        against?.stiffnessRatio === undefined
          ? 'against nothing yet: its good pedal is not known'
          : `${figure(against.stiffnessRatio * 100, 0)} % of its good pedal, soft under ${figure(limit('softShare') * 100, 0)} % (${whose('softShare')})`,
      bad: soft,
    },
    {
      label: 'Against its good travel',
      value: more === undefined ? '—' : `${more < 0 ? '−' : '+'}${full(Math.abs(more), 'mm', 0)}`,
      say:
        more === undefined
          ? 'needs a force both have'
          : `long over ${full(limit('longMm'), 'mm', 0)} more (${whose('longMm')})`,
      bad: long,
    },
    {
      label: 'Rises by pumping',
      value: riseByPumpingMm === undefined ? '—' : full(riseByPumpingMm, 'mm', 0),
      say:
        riseByPumpingMm === undefined
          ? 'needs the third press'
          : exceeds(riseByPumpingMm, limit('pumpMm'))
            ? `over ${full(limit('pumpMm'), 'mm', 0)}: air, or pads away from the rotor`
            : `inside ${full(limit('pumpMm'), 'mm', 0)} (${whose('pumpMm')})`,
      bad: states.pedal_pump === 'rises',
    },
    {
      label: 'Left to the floor',
      value: reserveMm === undefined ? '—' : full(reserveMm, 'mm', 0),
      say: `the master has moved ${figure(sweptMl, 1)} ml`,
      bad: false,
    },
  ];
}
