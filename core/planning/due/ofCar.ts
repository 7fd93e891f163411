import { toItsEnd } from '../../base/sentence';
import { AXLES, type Axle, axleOf, type Corner } from '../../car/corner';
import type { ShopLimits } from '../../car/limits/catalogue';
import { fallsShort } from '../../car/limits/limit';
import type { CarSpec } from '../../car/spec';
import type { FittedPart } from '../shelf/fitted';
import { PART_KINDS } from '../shelf/parts';
import type { CornerWear } from '../wear/history';
import { type WearLine, wearLines } from '../wear/lines';
import { type CarEvent, dayWhen } from '../wear/sessions';
import { partDue } from './partLife';

/** What falls due on a car by its wear or its parts' lives. */
export type CarDue = {
  /** Which part it is; stays the same while that part is on. */
  key: string;
  what: string;
  why: string;
  /** The day by which: before the event that would run it past its limit. */
  dueOn: string;
  /** Whose wheels come off for it. */
  wheels: Axle | null;
};

export type CarDueFacts = {
  car: CarSpec;
  wear: Record<Corner, CornerWear>;
  events: readonly CarEvent[];
  parts: readonly FittedPart[];
  limits: ShopLimits;
  /** ISO date. */
  today: string;
};

/**
 * What wears out and what has run its life, with the day by which: pads and rotors by the near end of their forecast (80 %),
 * so that a set is changed before the event that may finish it, parts by the shop's limits. What no event on the calendar
 * finishes is left out, but for what is past its limit already.
 */
export function dueOfCar(facts: CarDueFacts): CarDue[] {
  return [...wearDue(facts), ...partsDue(facts)];
}

/** Pads and rotors, axle by axle, since they are renewed in pairs: the one that is due first speaks for its axle. */
function wearDue(facts: CarDueFacts): CarDue[] {
  const lines = wearLines(facts.car, facts.wear, facts.limits).flatMap((line) => {
    const due = endOf(line, facts);
    return due ? [{ line, ...due }] : [];
  });
  return AXLES.flatMap((wheels) =>
    (['pad', 'rotor'] as const).flatMap((part): CarDue[] => {
      const own = lines.filter(({ line }) => line.part === part && axleOf(line.corner) === wheels);
      const [first] = own.sort((left, right) => left.dueOn.localeCompare(right.dueOn));
      if (!first) return [];
      const { line, dueOn, isPast } = first;
      const state = isPast
        ? 'past their limit'
        : dueOn < facts.today
          ? 'may be past their limit: measure'
          : 'near their limit';
      return [
        {
          key: `wear ${wheels} ${part}`,
          what: `${wheels === 'front' ? 'Front' : 'Rear'} ${part}s ${state}`,
          why: wearWords(line),
          ...{ dueOn, wheels },
        },
      ];
    }),
  );
}

/** The event that may finish a part; today for one that is past its limit; undefined where nothing on the calendar does. */
function endOf(
  line: WearLine,
  { events, today }: CarDueFacts,
): { dueOn: string; isPast: boolean } | undefined {
  const last = line.series.at(-1)!;
  if (fallsShort(last.mm, line.limitMm)) return { dueOn: today, isPast: true };
  if (!line.life) return undefined;
  const { low } = line.life;
  // Counted on from the sessions it was read at.
  const dueOn = dayWhen(events, (sessions) => sessions - last.sessions > low);
  return dueOn === undefined ? undefined : { dueOn, isPast: false };
}

function wearWords({ label, series, limitMm, limitFrom, life, decimals }: WearLine): string {
  const read = `${label}: read ${series.at(-1)!.mm.toFixed(decimals)} mm, limit ${limitMm.toFixed(decimals)} mm (${limitFrom})`;
  if (!life) return `${read}.`;
  return `${read}; ${span(life.low, life.high)} sessions left, 80 % sure.`;
}

/** From and to in whole sessions; an end that is far off is left open. */
function span(low: number, high: number): string {
  const from = Math.floor(low);
  const to = Math.ceil(high);
  if (to > 200) return `${from} or more`;
  return from === to ? String(from) : `${from} to ${to}`;
}

function partsDue({ parts, events, limits, today }: CarDueFacts): CarDue[] {
  return parts
    .filter((part) => part.removedOn === null)
    .flatMap((part): CarDue[] => {
      const due = partDue(part, events, limits, today);
      if (!due?.dueOn) return [];
      return [
        {
          key: `part ${part.id}`,
          what: `${PART_KINDS[part.kind]}${part.place === '' ? '' : ` ${part.place}`}: life`,
          why: `${toItsEnd(part.what)} ${due.why}`,
          dueOn: due.dueOn,
          wheels: part.place === '' ? null : axleOf(part.place),
        },
      ];
    });
}

/** Lines in their order, but those for which the same wheels come off together, where the first of them stands. */
export function byWheels<Line extends { wheels?: Axle | null }>(
  lines: readonly Line[],
): { wheels: Axle | null; lines: Line[] }[] {
  const groups: { wheels: Axle | null; lines: Line[] }[] = [];
  for (const line of lines) {
    const wheels = line.wheels ?? null;
    const group = wheels && groups.find((each) => each.wheels === wheels);
    if (group) group.lines.push(line);
    else groups.push({ wheels, lines: [line] });
  }
  return groups;
}
