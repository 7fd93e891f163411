import { cornersOf, type Place } from '../../car/corner';
import { assistOf, type CarTraits } from '../../car/traits';
import type { GivenFinding } from '../../readings/given';

/** What stops the car at once, and the proof that ends it. */
export const HOLDS = [
  {
    id: 'pedal_to_floor',
    label: 'Pedal reached the floor',
    until: 'cause found, fixed and the pedal proved firm at rest',
  },
  { id: 'pedal_sinks', label: 'Pedal sinks while held', until: 'pedal holds for 30 s' },
  {
    id: 'pedal_not_firm',
    label: 'Pedal is not firm',
    until: 'pedal firm at rest, and it holds for 30 s',
  },
  { id: 'leak', label: 'Fluid is leaking', until: 'leak repaired, level right, system bled' },
  { id: 'fluid_low', label: 'Fluid level is low', until: 'reason for the loss known, level right, no air' },
  { id: 'fluid_wet', label: 'Fluid boils too early', until: 'fluid replaced and re-tested' },
  {
    id: 'fluid_wrong',
    label: 'Wrong fluid in the system',
    until: 'system flushed, seals judged, right fluid in',
  },
  { id: 'pad_worn_out', label: 'Pads worn out, or grinding', until: 'pads replaced on the axle' },
  { id: 'rotor_below_minimum', label: 'Rotor below minimum', until: 'rotors replaced on the axle' },
  { id: 'rotor_cracked', label: 'Rotor cracked', until: 'rotors replaced on the axle' },
  { id: 'bearing_play', label: 'Wheel bearing loose', until: 'bearing adjusted or replaced and re-measured' },
  {
    id: 'brakes_stuck_on',
    label: 'Brakes stuck on and burning',
    until: 'cause of the drag fixed and the wheel turns free',
  },
  { id: 'pads_contaminated', label: 'Pads contaminated', until: 'source stopped, pads replaced on the axle' },
  { id: 'brake_lamp', label: 'Brake warning lamp on', until: 'lamp explained and out' },
  { id: 'assist_lost', label: 'No brake assist', until: 'assist restored and re-tested' },
  {
    id: 'wheel_loose',
    label: 'Wheel nuts loose or a stud damaged',
    until: 'studs sound, every nut to the maker’s torque',
  },
  {
    id: 'caliper_loose',
    label: 'Caliper or bracket bolts loose',
    until: 'threads sound, every caliper and bracket bolt to the maker’s torque',
  },
  {
    id: 'pedal_bracket',
    label: 'Pedal linkage cracked',
    until: 'pedal, bracket, pin and clip renewed and tight',
  },
  { id: 'lining_separated', label: 'Pad lining coming off', until: 'pads replaced on the axle' },
  {
    id: 'joint_loose',
    label: 'Bush or ball joint has play',
    until: 'joint looked at and tight, parts renewed as needed',
  },
  { id: 'shoes_worn_out', label: 'Shoes worn out', until: 'shoes replaced on the axle' },
] as const;

export type HoldId = (typeof HOLDS)[number]['id'];
export type Hold = { id: HoldId; label: string; until: string; because: GivenFinding[] };

/** Every hold that these answers put on this car, with the answers that put it there. */
export function holdsOf(findings: readonly GivenFinding[], car: CarTraits): Hold[] {
  return HOLDS.flatMap((hold) => {
    const because = RULES[hold.id](findings, car);
    return because.length > 0 ? [{ ...hold, because }] : [];
  });
}

type Rule = (findings: readonly GivenFinding[], car: CarTraits) => GivenFinding[];

const when =
  (id: GivenFinding['id'], ...states: string[]): Rule =>
  (findings) =>
    findings.filter((finding) => finding.id === id && states.includes(finding.state));

const either =
  (...rules: Rule[]): Rule =>
  (findings, car) =>
    rules.flatMap((rule) => rule(findings, car));

const RULES: Record<HoldId, Rule> = {
  pedal_to_floor: when('pedal_to_floor', 'yes'),
  pedal_sinks: (findings, car) => {
    const sinks = when('pedal_hold', 'sinks')(findings, car);
    const cleared = when('pedal_hold', 'holds')(findings, car).length > 0 && sinks.length === 0;
    return cleared ? [] : [...sinks, ...when('pedal_sinks', 'yes')(findings, car)];
  },
  pedal_not_firm: when('pedal_now', 'soft', 'long'),
  leak: either(
    when('leak', 'line_or_hose', 'caliper_or_cylinder', 'master_to_booster'),
    when('behind_master', 'wet'),
    when('wheel_cylinder', 'leaking'),
    // What is gone between one fill and the next went somewhere.
    when('level_falls', 'quickly'),
  ),
  fluid_low: when('reservoir_level', 'low'),
  fluid_wet: either(when('fluid_moisture', 'wet'), when('fluid_boiling', 'low')),
  fluid_wrong: (findings, car) => {
    const wrong = when('fluid_type', 'wrong')(findings, car);
    // Swollen rubber in the fluid: held until somebody has tested what fluid it is.
    const tested = findings.some(({ id }) => id === 'fluid_type');
    return tested ? wrong : when('fluid_look', 'debris')(findings, car);
  },
  pad_worn_out: (findings, car) => [
    ...when('pad_thickness', 'worn_out')(findings, car),
    ...grindingUnmeasured(findings),
  ],
  rotor_below_minimum: when('rotor_thickness', 'below_minimum'),
  rotor_cracked: when('rotor_surface', 'cracked'),
  bearing_play: when('bearing_play', 'excess'),
  brakes_stuck_on: (findings, car) => {
    const drags = when('wheel_drags', 'one', 'all')(findings, car);
    const burns = when('smell_or_smoke', 'yes')(findings, car);
    return drags.length > 0 && burns.length > 0 ? [...drags, ...burns] : [];
  },
  pads_contaminated: when('pad_surface', 'contaminated'),
  brake_lamp: when('warning_light', 'brake', 'pad_wear'),
  assist_lost: (findings, car) => {
    if (assistOf(car) === 'none') return [];
    const helps = when('assist_start', 'drops')(findings, car).length > 0;
    const gone = when('assist_start', 'no_change')(findings, car);
    const failing = either(when('assist_vacuum', 'low'), when('assist_fluid', 'low'))(findings, car);
    return helps ? gone : [...gone, ...failing];
  },
  wheel_loose: when('wheel_nuts', 'loose', 'stud_damaged'),
  caliper_loose: when('caliper_mount', 'loose'),
  pedal_bracket: when('pedal_linkage', 'cracked'),
  lining_separated: when('pad_surface', 'separated', 'crumbled'),
  joint_loose: when('suspension_joints', 'play'),
  shoes_worn_out: when('shoe_lining', 'worn_out'),
};

/** Grinding holds the car until the linings are measured at every corner that grinds, or at all four when nobody knows which. */
function grindingUnmeasured(findings: readonly GivenFinding[]): GivenFinding[] {
  const grinds = findings.filter((finding) => finding.id === 'noise_grind' && finding.state === 'yes');
  return grinds.filter((grind) => cornersOf(grind.place).some((corner) => !measuredAt(findings, corner)));
}

const LININGS: readonly GivenFinding['id'][] = ['pad_thickness', 'shoe_lining'];

function measuredAt(findings: readonly GivenFinding[], corner: Place): boolean {
  return findings.some(
    (finding) => LININGS.includes(finding.id) && (finding.place === corner || finding.place === undefined),
  );
}
