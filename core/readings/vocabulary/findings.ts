import { ASSIST_CHECKS } from './checks/assist';
import { CALIPER_CHECKS } from './checks/caliper';
import { DRUM_CHECKS } from './checks/drum';
import { FLUID_CHECKS } from './checks/fluid';
import { HEAT_CHECKS } from './checks/heat';
import { LINE_CHECKS } from './checks/lines';
import { MODULATOR_CHECKS } from './checks/modulator';
import { PAD_CHECKS } from './checks/pads';
import { PEDAL_CHECKS } from './checks/pedal';
import { ROAD_CHECKS } from './checks/road';
import { ROTOR_CHECKS } from './checks/rotor';
import { WHEEL_END_CHECKS } from './checks/wheelEnd';
import { COMPLAINTS } from './complaints';
import type { FindingEntry } from './entry';
import { HISTORY } from './history';

/** Every finding the tool can take in, in the order in which a verdict names its evidence. */
export const FINDINGS = [
  ...COMPLAINTS,
  ...HISTORY,
  ...PEDAL_CHECKS,
  ...ASSIST_CHECKS,
  ...FLUID_CHECKS,
  ...LINE_CHECKS,
  ...CALIPER_CHECKS,
  ...PAD_CHECKS,
  ...ROTOR_CHECKS,
  ...WHEEL_END_CHECKS,
  ...MODULATOR_CHECKS,
  ...HEAT_CHECKS,
  ...DRUM_CHECKS,
  ...ROAD_CHECKS,
] as const;

export type FindingId = (typeof FINDINGS)[number]['id'];
export type Finding = FindingEntry & { id: FindingId };

const byId = new Map<string, Finding>(FINDINGS.map((finding) => [finding.id, finding]));

/** The finding of this id, or undefined when the vocabulary has none. */
export function findFinding(id: string): Finding | undefined {
  return byId.get(id);
}

/** The finding of an id already known to be in the vocabulary. */
export function findingOf(id: FindingId): Finding {
  return byId.get(id)!;
}
