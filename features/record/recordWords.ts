import { inSentence } from '@/core/base/sentence';
import { TORQUES } from '@/core/car/torques';
import { FELT, WARM_ENOUGH } from '@/core/planning/bedin/heatFields';
import { jointsDone, MAKERS_FIGURE } from '@/core/planning/run/joints';
import type { TickRow } from '@/core/planning/run/rows';
import { type Step, WAYS_ON } from '@/core/planning/run/step';
import type { Units } from '../shell/units';

const FIGURE_DECIMALS = { mm: 2, N·m: 0, kPa: 0, '°C': 0 } as const;

/** What was written down at a step, in a line; empty when nothing was. */
export function recordWords(step: Step, record: TickRow['record'], note: string, units: Units): string {
  const answer = step.ask?.find((each) => each.value === record.answer)?.label;
  const fields = (step.record ?? []).flatMap((field) => {
    const value = record[field.id];
    if (value === undefined) return [];
    if (field.kind === 'figure' && field.unit !== 'turns')
      return [
        `${inSentence(field.label)} ${units.full(value as number, field.unit, FIGURE_DECIMALS[field.unit])}`,
      ];
    if (field.kind === 'words') return [`${inSentence(field.label)}: ${value}`];
    if (field.kind !== 'choice') return [`${inSentence(field.label)} ${value} ${field.unit}`];
    const option = field.options.find((each) => each.value === value);
    return [`${inSentence(field.label)}: ${inSentence(option?.label ?? String(value))}`];
  });
  const joints = jointsDone(step, record);
  const torque = joints.map(({ joint, torqueNm }) => {
    const figure = torqueNm === undefined ? MAKERS_FIGURE : units.full(torqueNm, 'N·m', 0);
    return joints.length > 1 || torqueNm === undefined ? `${inSentence(TORQUES[joint])}: ${figure}` : figure;
  });
  const clock = record.clock === 'another' ? ['timed by another clock'] : [];
  const way = WAYS_ON.filter((each) => each.id === record.way).map((each) => inSentence(each.label));
  const left = record[WARM_ENOUGH] === 'yes' ? ['left out, warm enough'] : [];
  const ms2 = record[FELT.ms2];
  const felt = [
    ...(typeof ms2 === 'number' ? [`${ms2.toFixed(1)} m/s² by the phone`] : []),
    ...(record[FELT.stood] === 'yes' && (step.slowdown?.toKmh ?? 0) > 0 ? ['it stood'] : []),
  ];
  const none = step.measure?.gates && record.figure !== 'taken' && note !== '' ? ['no figure'] : [];
  return [
    answer && inSentence(answer),
    ...way,
    ...fields,
    ...torque,
    ...clock,
    ...left,
    ...felt,
    ...none,
    note,
  ]
    .filter((each) => each !== undefined && each !== '')
    .join(', ');
}
