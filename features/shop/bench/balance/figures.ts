import { hydraulics } from '@/core/car/hydraulics/hydraulics';
import type { HydraulicsInput } from '@/core/car/hydraulics/schema';
import { exceeds, fallsShort } from '@/core/car/limits/limit';
import type { ListedFigure } from '@/ui/FigureList';
import { figure } from '@/ui/format';

/** From the foot to the road in four figures: what a foot gets, what is wanted, how it is shared, who locks first. */
export function balanceFigures(
  input: HydraulicsInput,
  result: ReturnType<typeof hydraulics> = hydraulics(input),
): ListedFigure[] {
  const { frontShare, idealFrontShare, decelMs2, locks, pedalForceN } = result;
  const limit = (name: string) => result.limits.find((each) => each.name === name)!.value;
  const short = fallsShort(decelMs2, limit('type0DecelMs2'));
  const heavy = pedalForceN !== undefined && exceeds(pedalForceN, limit('type0ForceMostN'));
  const percent = (share: number | null | undefined) =>
    share === null || share === undefined ? '—' : `${figure(share * 100, 0)} %`;
  return [
    {
      label: `At ${figure(input.pedal.forceN, 0)} N`,
      value: `${figure(decelMs2, 1)} m/s²`,
      say: short
        ? `under ${limit('type0DecelMs2')}, the least of UN R13-H type 0`
        : `over ${limit('type0DecelMs2')}, the least of UN R13-H type 0`,
      bad: short,
    },
    {
      label: input.wanted ? `For ${figure(input.wanted.decelMs2, 1)} m/s²` : 'Wanted',
      value: pedalForceN === undefined ? '—' : `${figure(pedalForceN, 0)} N`,
      say:
        pedalForceN === undefined
          ? input.wanted
            ? 'no foot, or no tyre, reaches it'
            : 'needs a deceleration'
          : heavy
            ? `over ${limit('type0ForceMostN')} N, the most of type 0`
            : `inside ${limit('type0ForceLeastN')} to ${limit('type0ForceMostN')} N of type 0`,
      bad: heavy || (input.wanted !== undefined && pedalForceN === undefined),
    },
    {
      label: 'Front share',
      value: percent(frontShare),
      say:
        idealFrontShare === undefined
          ? 'ideal needs weight, height, wheelbase'
          : `ideal here ${percent(idealFrontShare)}`,
      bad: false,
    },
    {
      label: 'Locks first',
      value: locks ? (locks.axle === 'front' ? 'front' : 'rear') : '—',
      say: locks
        ? `at ${figure(locks.pedalForceN, 0)} N, ${figure(locks.decelMs2, 1)} m/s²${locks.axle === 'rear' ? ': the car turns round' : ''}`
        : 'needs the tyres’ grip, or no foot reaches it',
      bad: locks?.axle === 'rear',
    },
  ];
}
