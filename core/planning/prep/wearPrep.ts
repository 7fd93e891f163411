import { AXLES, type Axle, axleOf } from '../../car/corner';
import { fallsShort } from '../../car/limits/limit';
import { fitsIn } from '../wear/forecast';
import { type WearLine, wearLines } from '../wear/lines';
import { wholeMinutes } from '../works';
import { type PrepFacts, sessionsAhead } from './facts';
import { type PrepLine, type PrepVerdict, worstOf } from './line';

/** Minutes of measuring the pads or the rotors of an axle that is up already (common practice, no source). */
const MEASURE_MIN = 6;

/** Pads and rotors, axle by axle: the part that is nearest its end decides. */
export function wearPrep(facts: PrepFacts): PrepLine[] {
  const lines = wearLines(facts.car, facts.wear, facts.limits);
  return AXLES.filter((axle) => facts.car[axle].brake === 'disc').flatMap((axle) =>
    (['pad', 'rotor'] as const).map((part) =>
      axleLine(
        facts,
        axle,
        part,
        lines.filter((line) => line.part === part && axleOf(line.corner) === axle),
      ),
    ),
  );
}

function axleLine(facts: PrepFacts, axle: Axle, part: WearLine['part'], lines: WearLine[]): PrepLine {
  const base = {
    id: `${axle} ${part}`,
    stage: axle,
    what: part === 'pad' ? 'Pads' : 'Rotors, thickness',
  } as const;
  const judged = lines.map((line) => ({ line, verdict: verdictOf(line, facts) }));
  const verdict = worstOf(judged.map((each) => each.verdict));
  const whose = judged.filter((each) => each.verdict === verdict).sort((a, b) => nearness(a.line, b.line))[0];
  const corners = new Set(lines.map(({ corner }) => corner)).size;
  if (!whose)
    return {
      ...base,
      verdict: 'look',
      why: 'Never measured here, or without a limit on file.',
      minutes: MEASURE_MIN,
    };
  if (corners < 2 && verdict !== 'not')
    return { ...base, verdict: 'look', why: 'One side only was measured.', minutes: MEASURE_MIN };
  const { line } = whose;
  const renewed = verdict === 'not' || verdict === 'buy';
  return {
    ...base,
    verdict,
    why: whyOf(line, verdict, facts),
    figure: {
      value: line.series.at(-1)!.mm,
      unit: 'mm',
      decimals: line.decimals,
      limit: { value: line.limitMm, from: line.limitFrom },
    },
    ...(line.life ? { life: line.life } : {}),
    minutes: minutesFor(verdict, part),
    ...(renewed ? { buy: partFor(axle, part) } : {}),
  };
}

function minutesFor(verdict: PrepLine['verdict'], part: WearLine['part']): number {
  if (verdict === 'go') return 0;
  return verdict === 'look' ? MEASURE_MIN : wholeMinutes(part === 'pad' ? 'pads' : 'rotors');
}

/** Pads come for an axle, rotors one by one. */
function partFor(place: Axle, part: WearLine['part']): NonNullable<PrepLine['buy']> {
  return part === 'pad'
    ? { kind: 'pads', place, count: 1, unit: 'pcs' }
    : { kind: 'rotor', place, count: 2, unit: 'pcs' };
}

/** The one with the least life left first; without a forecast, the one with the least over its limit. */
function nearness(left: WearLine, right: WearLine): number {
  const over = ({ series, limitMm }: WearLine) => series.at(-1)!.mm - limitMm;
  if (left.life && right.life) return left.life.low - right.life.low;
  return Number(right.life !== undefined) - Number(left.life !== undefined) || over(left) - over(right);
}

function verdictOf(line: WearLine, facts: PrepFacts): PrepVerdict {
  const last = line.series.at(-1)!;
  if (fallsShort(last.mm, line.limitMm)) return 'not';
  if (!line.life) return 'look';
  const fits = fitsIn(line.life, sessionsAhead(last.sessions, facts));
  return fits === 'fits' ? 'go' : fits === 'perhaps' ? 'buy' : 'not';
}

function whyOf(line: WearLine, verdict: PrepVerdict, facts: PrepFacts): string {
  const last = line.series.at(-1)!;
  if (fallsShort(last.mm, line.limitMm)) return `${line.label} is past its limit.`;
  if (!line.life) return `${line.label} was read once: nobody knows yet how fast it wears. Read it again.`;
  const ahead = sessionsAhead(last.sessions, facts);
  const end = { not: 'does not last', buy: 'may not last, a spare set comes along', go: 'lasts' } as const;
  return `${line.label} ${end[verdict as keyof typeof end]}: ${ahead} sessions from its reading to the end of ${facts.event.name}.`;
}
