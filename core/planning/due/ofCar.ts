import { type Axle, axleOf, type Corner, type Place } from '../../car/corner';
import type { ShopLimits } from '../../car/limits/catalogue';
import type { CarSpec } from '../../car/spec';
import type { FittedPart } from '../shelf/fitted';
import { PART_KINDS } from '../shelf/parts';
import type { CornerWear } from '../wear/history';
import { type WearLine, wearLines } from '../wear/lines';
import type { CarEvent } from '../wear/sessions';
import { dayOfSession, partDue } from './partLife';

/** What falls due on a car by its wear or its parts' lives. */
export type CarDue = {
  /** Which part it is; stays the same while that part is on. */
  key: string;
  what: string;
  why: string;
  /** The day by which: before the event that would run it past its limit; null where none on the calendar does. */
  dueOn: string | null;
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

function wearDue({ car, wear, events, limits, today }: CarDueFacts): CarDue[] {
  return wearLines(car, wear, limits).flatMap((line): CarDue[] => {
    const last = line.series.at(-1)!;
    const isPast = last.mm < line.limitMm;
    const low = isPast ? 0 : line.life?.low;
    if (low === undefined) return [];
    const dueOn = isPast ? today : dayOfSession(eventsAfter(events, last.sessions), low);
    if (dueOn === undefined) return [];
    return [
      {
        key: `wear ${line.label}`,
        what: isPast ? `${line.label} is past its limit` : `${line.label} near its limit`,
        why: wearWords(line),
        dueOn,
        wheels: axleOf(line.corner),
      },
    ];
  });
}

/** Events after so many sessions of the car's: those that wear a part on from where it was read. */
function eventsAfter(events: readonly CarEvent[], sessions: number): CarEvent[] {
  let sum = 0;
  return [...events]
    .sort((left, right) => left.onDate.localeCompare(right.onDate))
    .filter((event) => {
      sum += event.sessions;
      return sum > sessions;
    });
}

function wearWords({ series, limitMm, limitFrom, life, decimals }: WearLine): string {
  const read = `Read ${series.at(-1)!.mm.toFixed(decimals)} mm, limit ${limitMm.toFixed(decimals)} mm (${limitFrom})`;
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
          why: `${part.what}. ${due.why}`,
          dueOn: due.dueOn,
          wheels: wheelsOf(part.place),
        },
      ];
    });
}

function wheelsOf(place: Place | ''): Axle | null {
  if (place === '') return null;
  return place === 'front' || place === 'rear' ? place : axleOf(place);
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
