import { hydraulics } from '@/core/car/hydraulics/hydraulics';
import type { HydraulicsInput } from '@/core/car/hydraulics/schema';
import { exceeds, fallsShort } from '@/core/car/limits/limit';
import type { ListedFigure } from '@/ui/FigureList';
import { figure } from '@/ui/format';

type Result = ReturnType<typeof hydraulics>;

/**
 * From the foot to the road in four figures: what a foot gets, what is wanted, how it is shared, who locks first.
 * @param unhelped the sum leaves out the help that the car gives: UN R13-H asks for what it does with it
 */
export function balanceFigures(
  input: HydraulicsInput,
  unhelped = false,
  result: Result = hydraulics(input),
): ListedFigure[] {
  const { frontShare, idealFrontShare } = result;
  return [
    reached(input, result, unhelped),
    wanted(input, result, unhelped),
    {
      label: 'Front share',
      value: percent(frontShare),
      say:
        idealFrontShare === undefined
          ? 'ideal needs weight, height, wheelbase'
          : `ideal here ${percent(idealFrontShare)}`,
      bad: false,
    },
    locksFirst(result),
  ];
}

/** A limit of UN R13-H type 0, as the calc has it. */
function limitOf({ limits }: Result, name: string): number {
  return limits.find((each) => each.name === name)!.value;
}

function percent(share: number | null | undefined): string {
  return share === null || share === undefined ? '—' : `${figure(share * 100, 0)} %`;
}

/** Said of a figure without the help that there is. */
const ALONE = 'by the foot alone, nothing that helps it counted';

/** What this foot gets. */
function reached(input: HydraulicsInput, result: Result, unhelped: boolean): ListedFigure {
  const least = limitOf(result, 'type0DecelMs2');
  const short = fallsShort(result.decelMs2, least);
  const shown = {
    label: `At ${figure(input.pedal.forceN, 0)} N`,
    value: `${figure(result.decelMs2, 1)} m/s²`,
  };
  if (unhelped) return { ...shown, say: ALONE, bad: false };
  return {
    ...shown,
    say: `${short ? 'under' : 'over'} ${least}, the least of UN R13-H type 0`,
    bad: short,
  };
}

/** The foot it takes to what is wanted. */
function wanted({ wanted: asked }: HydraulicsInput, result: Result, unhelped: boolean): ListedFigure {
  const { pedalForceN: force } = result;
  const label = asked ? `For ${figure(asked.decelMs2, 1)} m/s²` : 'Wanted';
  if (force === undefined) {
    const say = asked ? 'no foot, or no tyre, reaches it' : 'needs a deceleration';
    return { label, value: '—', say, bad: asked !== undefined };
  }
  const value = `${figure(force, 0)} N`;
  if (unhelped) return { label, value, say: ALONE, bad: false };
  const [least, most] = [limitOf(result, 'type0ForceLeastN'), limitOf(result, 'type0ForceMostN')];
  const heavy = exceeds(force, most);
  return {
    label,
    value,
    say: heavy ? `over ${most} N, the most of type 0` : `inside ${least} to ${most} N of type 0`,
    bad: heavy,
  };
}

function locksFirst({ locks }: Result): ListedFigure {
  const label = 'Locks first';
  if (!locks) return { label, value: '—', say: 'needs the tyres’ grip, or no foot reaches it', bad: false };
  const { axle, pedalForceN, decelMs2 } = locks;
  const turns = axle === 'rear' ? ': the car turns round' : '';
  return {
    label,
    value: axle,
    say: `at ${figure(pedalForceN, 0)} N, ${figure(decelMs2, 1)} m/s²${turns}`,
    bad: axle === 'rear',
  };
}
