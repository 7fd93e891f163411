import { type Survival, survival } from '../../base/statistics/survival';
import type { CircuitKind } from '../../car/circuits';
import { axleOf } from '../../car/corner';
import type { FittedPart, WhyOff } from '../shelf/fitted';
import type { PartKind } from '../shelf/parts';
import { type CarEvent, sessionsBy } from '../wear/sessions';

/** A car's parts, worn now and before, its days on track, and what was measured of each part. */
export type CarLives = {
  carId: string;
  carName: string;
  parts: readonly FittedPart[];
  events: readonly (CarEvent & { odometerKm?: number | null })[];
  /** Thickness a part lost and the sessions in which it did, by its id, where it was measured twice. */
  wear: ReadonlyMap<string, { mm: number; sessions: number }>;
  /** The parts whose lives count; all, where nothing is said. */
  only?: ReadonlySet<string>;
};

/** How one part did on one car. */
export type PartLife = {
  id: string;
  carId: string;
  carName: string;
  place: FittedPart['place'];
  fittedOn: string;
  removedOn: string | null;
  sessions: number;
  /** Why it came off, where somebody said; null also while it is on. */
  why: WhyOff | null;
  /** It ended: it came off, and not as still good. */
  ended: boolean;
  /** Thickness it lost a session, mm; and a thousand kilometres, where the odometer was read at its days on track. */
  perSessionMm?: number;
  per1000KmMm?: number;
  /** The kind of circuit that two thirds or more of its sessions were on. */
  circuit?: CircuitKind;
  /** What it cost, in the shop's own money. */
  price?: number;
};

/** All lives of one part by its name, however many cars ran it. */
export type PartRecord = {
  key: string;
  kind: PartKind;
  what: string;
  /** The newest first. */
  lives: PartLife[];
  ended: number;
  sessions: Survival;
  /** Thickness lost a session over all that was measured, mm, and in how many sessions that was. */
  wear?: { perSessionMm: number; sessions: number };
  /** What a session costs over the lives that ended and whose price is known, and how many those are. */
  cost?: { perSession: number; lives: number };
};

/**
 * How long each part lasts, by its name: lives in sessions, those that came off still good or are still on counted as lives that
 * did not end. A part tells why the one before it in its place came off.
 * @param today ISO date
 */
export function partRecords(cars: readonly CarLives[], today: string): PartRecord[] {
  const byName = new Map<string, PartRecord & { worn: { mm: number; sessions: number } }>();
  for (const car of cars)
    for (const part of car.parts) {
      if (car.only && !car.only.has(part.id)) continue;
      const key = `${part.kind} ${part.what.trim().toLowerCase()}`;
      const record = byName.get(key) ?? {
        ...{ key, kind: part.kind, what: part.what.trim(), lives: [], ended: 0 },
        ...{ sessions: survival([]), worn: { mm: 0, sessions: 0 } },
      };
      byName.set(key, record);
      record.lives.push(lifeOf(part, car, today));
      const worn = car.wear.get(part.id);
      if (worn) {
        record.worn.mm += worn.mm;
        record.worn.sessions += worn.sessions;
      }
    }
  return [...byName.values()]
    .map(({ worn, ...record }) => ({
      ...record,
      ...costOf(record.lives),
      lives: record.lives.sort((left, right) => right.fittedOn.localeCompare(left.fittedOn)),
      ended: record.lives.filter((life) => life.ended).length,
      sessions: survival(record.lives.map(({ sessions: at, ended }) => ({ at, ended }))),
      ...(worn.sessions > 0
        ? { wear: { perSessionMm: worn.mm / worn.sessions, sessions: worn.sessions } }
        : {}),
    }))
    .sort((left, right) => right.lives.length - left.lives.length || left.what.localeCompare(right.what));
}

/** Lives of a shop's parts as one asks for them: of one car, or of one kind of circuit. */
export type LivesAsked = { car?: string; circuit?: CircuitKind };

/** The records over the lives that are asked for. */
export function partRecordsOf(
  cars: readonly CarLives[],
  today: string,
  { car, circuit }: LivesAsked,
): PartRecord[] {
  const asked = cars.filter(({ carId }) => car === undefined || carId === car);
  if (circuit === undefined) return partRecords(asked, today);
  return partRecords(
    asked.map((each) => ({
      ...each,
      // A part that another replaced stays beside it: it tells why that one came off.
      only: new Set(
        each.parts.filter((part) => lifeOf(part, each, today).circuit === circuit).map(({ id }) => id),
      ),
    })),
    today,
  );
}

function costOf(lives: readonly PartLife[]): Pick<PartRecord, 'cost'> {
  const known = lives.filter(({ ended, price, sessions }) => ended && price !== undefined && sessions > 0);
  if (known.length === 0) return {};
  const sum = (of: (life: PartLife) => number) => known.reduce((total, life) => total + of(life), 0);
  return {
    cost: { perSession: sum(({ price }) => price!) / sum(({ sessions }) => sessions), lives: known.length },
  };
}

/** A kind of circuit is a part's where so much of its sessions, and of those that say, were on it. */
const MOSTLY = 2 / 3;

function circuitOf(events: CarLives['events'], from: string, until: string): CircuitKind | undefined {
  const on = new Map<CircuitKind, number>();
  let all = 0;
  for (const { onDate, sessions, circuit } of events) {
    if (onDate <= from || onDate > until) continue;
    all += sessions;
    if (circuit) on.set(circuit, (on.get(circuit) ?? 0) + sessions);
  }
  return [...on].find(([, sessions]) => sessions >= MOSTLY * all)?.[0];
}

/** Kilometres a session, by the odometer at days on track between two days; undefined where it was not read twice. */
function kmASession(events: CarLives['events'], from: string, until: string): number | undefined {
  const read = events
    .filter(({ onDate, odometerKm }) => onDate >= from && onDate <= until && typeof odometerKm === 'number')
    .sort((left, right) => left.onDate.localeCompare(right.onDate));
  const [first, last] = [read[0], read.at(-1)];
  if (!first || !last) return undefined;
  const km = last.odometerKm! - first.odometerKm!;
  const sessions = sessionsBy(events, last.onDate) - sessionsBy(events, first.onDate);
  return km > 0 && sessions > 0 ? km / sessions : undefined;
}

function lifeOf(
  part: FittedPart,
  { carId, carName, parts, events, wear }: CarLives,
  today: string,
): PartLife {
  const until = part.removedOn ?? today;
  const next = parts
    .filter(
      (each) =>
        each.kind === part.kind && each.place === part.place && each.fittedOn >= until && each !== part,
    )
    .sort((left, right) => left.fittedOn.localeCompare(right.fittedOn))[0];
  const why = part.removedOn === null ? null : (next?.oldWhy ?? null);
  const worn = wear.get(part.id);
  const km = kmASession(events, part.fittedOn, until);
  const circuit = circuitOf(events, part.fittedOn, until);
  return {
    ...{ id: part.id, carId, carName, place: part.place, fittedOn: part.fittedOn, removedOn: part.removedOn },
    sessions: Math.max(0, sessionsBy(events, until) - sessionsBy(events, part.fittedOn)),
    why,
    ended: part.removedOn !== null && why !== 'planned',
    ...(worn && worn.sessions > 0 ? { perSessionMm: worn.mm / worn.sessions } : {}),
    ...(worn && worn.sessions > 0 && km ? { per1000KmMm: (worn.mm / worn.sessions / km) * 1000 } : {}),
    ...(circuit ? { circuit } : {}),
    ...(typeof part.price === 'number' ? { price: part.price } : {}),
  };
}

/** A pad and a rotor that ran together, and how often that went wrong. */
export type Pairing = { pads: string; rotor: string; together: number; bad: number; how: WhyOff[] };

/** What a pair does to each other, beside wear. */
const PAIR_TROUBLE: readonly WhyOff[] = ['distorted', 'cracked', 'noise'];

/**
 * Pads and rotors that do not get on: in at least two lives together, and in half of them or more, one of the two came off
 * distorted, cracked or for its noise (a modelling choice).
 */
export function badPairs(cars: readonly CarLives[], today: string): Pairing[] {
  const pairs = new Map<string, Pairing>();
  for (const car of cars)
    for (const pads of car.parts.filter(({ kind }) => kind === 'pads'))
      for (const rotor of car.parts.filter(({ kind }) => kind === 'rotor')) {
        if (!ranTogether(pads, rotor, today)) continue;
        const key = `${pads.what} / ${rotor.what}`;
        const pair = pairs.get(key) ?? { pads: pads.what, rotor: rotor.what, together: 0, bad: 0, how: [] };
        pairs.set(key, pair);
        pair.together += 1;
        const how = [pads, rotor]
          .filter(
            (part) =>
              part.removedOn !== null && part.removedOn <= (other(part, pads, rotor).removedOn ?? today),
          )
          .flatMap((part) => lifeOf(part, car, today).why ?? [])
          .filter((why) => PAIR_TROUBLE.includes(why));
        if (how.length === 0) continue;
        pair.bad += 1;
        pair.how.push(...how.filter((why) => !pair.how.includes(why)));
      }
  return [...pairs.values()].filter(({ bad, together }) => bad >= 2 && bad / together >= 0.5);
}

function other(part: FittedPart, pads: FittedPart, rotor: FittedPart): FittedPart {
  return part === pads ? rotor : pads;
}

/** Whether two parts were on the same wheels for a while. */
function ranTogether(pads: FittedPart, rotor: FittedPart, today: string): boolean {
  if (pads.place === '' || rotor.place === '' || axleOf(pads.place) !== axleOf(rotor.place)) return false;
  const from = [pads.fittedOn, rotor.fittedOn].sort()[1]!;
  const until = [pads.removedOn ?? today, rotor.removedOn ?? today].sort()[0]!;
  return from < until;
}
