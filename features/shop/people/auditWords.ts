import { fromSI, UNITS, type Unit } from '@/core/base/units/convert';
import type { AuditLine } from '@/server/people/audit';
import { figure } from '@/ui/format';

/** What a line of the list is of, as the shop says it. */
const WHAT: Record<string, string> = {
  shop: 'setup',
  people: 'somebody',
  people_cars: 'a driver’s car',
  devices: 'a device',
  cars: 'car',
  car_axles: 'brakes',
  car_events: 'day on track',
  fitted_parts: 'part',
  fills: 'fluid fill',
  track_setups: 'set-up for a track',
  bench_states: 'kept bench',
  shelf: 'shelf',
  jobs: 'job',
  works: 'work',
  proof_drives: 'drive on proof',
  change_trials: 'trial of a change',
  photos: 'photograph',
  follow_ups: 'what is due',
  calendar_feeds: 'calendar address',
};

const SIGN_IN: Record<string, string> = {
  by_password: 'Signed in by password',
  by_pin: 'Signed in by PIN',
  by_pass: 'Took over without a network, by PIN',
  by_demo: 'Came into the demo',
  by_first: 'Opened the shop as its first owner',
  wrong_password: 'A wrong password',
  wrong_pin: 'A wrong PIN',
  ended_everywhere: 'Signed out on every device',
};

const HOW: Record<string, string> = {
  added: 'Added',
  changed: 'Changed',
  removed: 'Removed',
  ended: 'Ended',
  secret: 'Set a password or PIN of',
};

/** What was done, in words. */
export function saidOf({ what, how }: Pick<AuditLine, 'what' | 'how'>): string {
  if (what === 'sign_in') return SIGN_IN[how] ?? how;
  return `${HOW[how] ?? how} ${WHAT[what] ?? what}`;
}

/** Figures stand in SI; a field says by its end in which unit, and each is said in the one that shops use. */
const SAID_IN: Record<string, Unit> = { m: 'mm', k: '°C', pa: 'kPa', m3: 'ml', kg: 'kg', n: 'N' };
/** Distances that nobody says in millimetres. */
const LONG: Record<string, Unit> = {
  odometer_m: 'km',
  distance_m: 'km',
  from_m: 'km',
  altitude_m: 'm',
  tyre_radius_m: 'mm',
};
const LONGEST = 60;

/** Which fields went from what to what: "odometer: nothing → 88,410 km". */
export function changeWords(changes: AuditLine['changes']): string {
  return Object.entries(changes)
    .map(([field, [was, is]]) => {
      const unit = unitOf(field);
      const name = (unit ? field.replace(/_[a-z0-9]+$/, '') : field).replaceAll('_', ' ');
      return `${name}: ${shown(was, unit)} → ${shown(is, unit)}`;
    })
    .join('; ');
}

function unitOf(field: string): Unit | undefined {
  const unit = LONG[field] ?? SAID_IN[/_([a-z0-9]+)$/.exec(field)?.[1] ?? ''];
  return unit !== undefined && Object.hasOwn(UNITS, unit) ? unit : undefined;
}

function shown(value: unknown, unit: Unit | undefined): string {
  if (value === null || value === undefined || value === '') return 'nothing';
  if (typeof value === 'boolean') return value ? 'yes' : 'no';
  if (typeof value === 'number' && unit) return `${figure(fromSI(value, unit), 1)} ${unit}`;
  const text = typeof value === 'string' ? value : JSON.stringify(value);
  return text.length > LONGEST ? `${text.slice(0, LONGEST - 1)}…` : text;
}
