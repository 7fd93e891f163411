import { listed } from '../../base/sentence';
import { CORNER_WORDS } from '../../car/corner';
import type { RecordField, Step } from '../run/step';
import type { Strokes } from './cadence';
import type { BleedPlan, BleedRow } from './plan';
import { BUBBLES, COLOUR } from './record';
import type { BleedInput, BleedMethod } from './schema';
import { NOT_CLEAR, noFlow, ranDry, SNAPPED, STILL_BUBBLES, WILL_NOT_TURN } from './troubles';

const AT_BLEEDER: Record<BleedMethod, string> = {
  pressure: 'Hose on, rising from the bleeder before it falls, open half a turn.',
  two_person: 'Helper presses and holds, open, close, helper releases. Never release with it open.',
  vacuum: 'Draw steadily, bleeder half a turn open. Close before the pump comes off.',
  gravity: 'Cap loose, or nothing runs. Open and let it run. Do not leave the reservoir alone.',
  reverse: 'Push new fluid in slowly from below. Draw the reservoir down as it rises.',
};

function recordFor(row: BleedRow): RecordField[] {
  const amount = (id: string, label: string): RecordField => ({
    id,
    label,
    kind: 'amount',
    unit: 'ml',
    start: row.ml,
    step: 10,
    most: 2000,
  });
  return [COLOUR, BUBBLES, amount('ml', 'Out in all'), amount('clearAt', 'Clear at')];
}

/** The bleeders of a round, one after another, with the check between two corners. */
export function cornerSteps(
  input: BleedInput,
  plan: BleedPlan,
  rows: readonly BleedRow[],
  from: number,
  to: number,
): Step[] {
  const pressure = plan.pressureKPa !== null;
  const so = (upTo: number) => rows.slice(0, upTo + 1).reduce((sum, row) => sum + row.ml, 0);
  return rows.slice(from, to).flatMap((row, at): Step[] => {
    const index = from + at;
    const which = row.bleeder === 'single' ? '' : `, ${row.bleeder} bleeder`;
    const again = index >= plan.order.length ? ', second round' : '';
    const next = index + 1 < to ? rows[index + 1] : undefined;
    return [
      {
        id: `bleed-${index + 1}`,
        part: 'Corner',
        title: `${row.corner}, ${CORNER_WORDS[row.corner]}${which}${again}`,
        how: [
          AT_BLEEDER[input.method],
          ...(plan.strokes[index] === undefined ? [] : [`About ${plan.strokes[index]} half strokes.`]),
          ...fillUps(plan, index, pressure, at > 0 && rows[index - 1]!.corner !== row.corner),
          'Stop on clean fluid without bubbles.',
        ].join(' '),
        why: 'The hose rises first so that a bubble cannot go back; the bottle may hang or stand. A clear hose shows the last of them.',
        corner: row.corner,
        cautions: ['bleeder_snap', 'glasses', 'fluid'],
        torque: 'bleeder',
        ml: { bleeder: row.bleeder, here: row.ml, total: so(index), ...strokesAt(plan, index, row.ml) },
        record: recordFor(row),
        troubles: [NOT_CLEAR, STILL_BUBBLES, noFlow(pressure), WILL_NOT_TURN, SNAPPED, ranDry(plan)],
      },
      ...(next !== undefined && next.corner !== row.corner
        ? [
            input.method === 'reverse'
              ? drawnDownBefore(next, index + 1, plan)
              : betweenStep(next, index + 1, plan, pressure),
          ]
        : []),
    ];
  });
}

/** The half strokes of a bleeder's share, and after which of them the reservoir is filled up. */
function strokesAt({ strokes, topUps }: BleedPlan, index: number, ml: number): { strokes?: Strokes } {
  const count = strokes[index];
  if (count === undefined) return {};
  const mlEach = ml / count;
  const within = topUps.filter(({ row, afterMl }) => row === index && afterMl > 0);
  return {
    strokes: {
      count,
      mlEach,
      fillAfter: within.map(({ afterMl }) => Math.max(1, Math.floor(afterMl / mlEach))),
    },
  };
}

/**
 * Where the reservoir would run dry inside a bleeder's share: stopped and filled up before it does.
 * @param asked whether the check before this corner has asked for the fill already
 */
function fillUps({ topUps }: BleedPlan, index: number, pressure: boolean, asked: boolean): string[] {
  const release = pressure ? 'release the pressure, ' : '';
  const again = pressure ? ', pump up again' : '';
  const here = topUps.filter(({ row }) => row === index);
  const within = here.filter(({ afterMl }) => afterMl > 0).map(({ afterMl }) => `${afterMl} ml`);
  return [
    ...(here.some(({ afterMl }) => afterMl === 0) && !asked
      ? [`First ${release}fill the reservoir up${again}: it would run dry here.`]
      : []),
    ...(within.length > 0 ? [`At ${listed(within)} close it, ${release}fill the reservoir up${again}.`] : []),
  ];
}

function rightWords(fill: boolean, pressure: boolean): string {
  if (fill) return pressure ? 'Full enough, pressure right' : 'Full enough';
  return pressure ? 'Level and pressure right' : 'Level right';
}

/** The check between two corners: chosen, not clicked past. */
function betweenStep(next: BleedRow, index: number, plan: BleedPlan, pressure: boolean): Step {
  const empty = plan.emptyCatchBefore.includes(index);
  const fill = plan.topUps.some((stop) => stop.row === index && stop.afterMl === 0);
  const task = fill
    ? `fill ${pressure ? 'up, pump up again' : 'the reservoir up'}`
    : `level${pressure ? ' and pressure' : ''}`;
  const right = { value: 'right', label: rightWords(fill, pressure) };
  const toppedUp = { value: 'topped_up', label: pressure ? 'Topped up, pumped up again' : 'Topped up' };
  return {
    id: `between-${index}`,
    part: 'Corner',
    title: `Before ${CORNER_WORDS[next.corner]}: ${task}${empty ? ', and empty the catch bottle' : ''}`,
    how: `${fill ? `${pressure ? 'Release first. ' : ''}The next one would run it dry. ` : ''}Reservoir${plan.supply === 'pot' ? ' and pot' : ''} more than half full, cap dry, no seep.${empty ? ' The catch bottle would run over at the next one.' : ''}`,
    ...(pressure ? { pressureKPa: { working: plan.pressureKPa!, ceiling: plan.ceilingKPa } } : {}),
    // Where it has to be filled up, that it needed no filling is said on purpose, and last.
    ask: [
      ...(fill ? [toppedUp, right] : [right, toppedUp]),
      { value: 'ran_dry', label: 'It ran dry', trouble: 'ran-dry' },
    ],
    troubles: [ranDry(plan)],
  };
}

/** Pushed from below, the reservoir fills instead of running dry. */
function drawnDownBefore(next: BleedRow, index: number, plan: BleedPlan): Step {
  return {
    id: `between-${index}`,
    part: 'Corner',
    title: `Before ${CORNER_WORDS[next.corner]}: draw the reservoir down`,
    how: 'To the lower mark: the next one brings as much again. Syringe and hose full, no bubble in them.',
    cautions: ['fluid'],
    ask: [
      { value: 'right', label: 'Drawn down' },
      { value: 'over', label: 'It ran over', trouble: 'over' },
    ],
    troubles: [
      {
        id: 'over',
        label: 'It ran over',
        lines: ['Water over everything that was wet, at once and plenty. Draw it down, then go on.'],
      },
      ranDry(plan),
    ],
  };
}
