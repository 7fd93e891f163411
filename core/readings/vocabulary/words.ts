import { asSentence } from '../../base/sentence';
import type { Place } from '../../car/corner';
import { type FindingId, findingOf } from './findings';
import { statesIn } from './several';

/** Where the plain spelling of a state's id would not be what a mechanic says. */
const SAID: Partial<Record<FindingId, Record<string, string>>> = {
  temperature_link: { any_time: 'Any time', only_hot: 'Only hot', only_cold: 'Only cold' },
  recovery: {
    never: 'Stays as it is',
    after_cooling: 'After cooling',
    by_end_of_straight: 'By the end of the straight',
  },
  pull_side: { changes: 'Changes', left: 'Left', right: 'Right' },
  shake_where: { all_over: 'All over', wheel: 'Steering wheel', seat: 'Seat', pedal: 'Pedal' },
  pad_fit: { free: 'Free', stiff: 'Bound', wrong: 'Wrong or misfitted' },
  fault_codes: { none: 'None', modulator: 'The unit', wheel_sensor: 'A wheel sensor' },
  axle_locks_early: { no: 'Neither', front: 'Front', rear: 'Rear' },
  wheel_drags: { no: 'No', one: 'One wheel', all: 'All' },
  warning_light: { none: 'None', brake: 'Brake', abs: 'ABS' },
  fluid_age: { fresh: 'Under 6 months', aging: 'Up to 2 years', old: 'Over 2 years' },
  level_falls: { no: 'No', slowly: 'Slowly', quickly: 'Quickly' },
  hose_kind: { braided: 'Braided', rubber_recent: 'Rubber, recent', rubber_old: 'Rubber, old' },
  compound: { fast_road: 'Fast road', street: 'Street', track: 'Track' },
  pedal_free_play: { in_range: 'In range', none: 'None', excess: 'Too much' },
  pedal_ratio: { in_band: 'In its band', low: 'Below', high: 'Above' },
  assist_start: { drops: 'Drops', no_change: 'No change' },
  reservoir_level: { ok: 'At the mark', low: 'Low', over: 'Over' },
  leak: {
    none: 'Dry',
    line_or_hose: 'Line or hose',
    caliper_or_cylinder: 'Caliper or cylinder',
    master_to_booster: 'Behind the master',
  },
  after_full_bleed: { firm: 'Firm', still_soft: 'Still soft' },
  bleeder_position: { top: 'At the top', not_top: 'Not at the top' },
  bleeder_screw: { turns: 'Turns', stuck: 'Will not turn', weeps: 'Weeps' },
  bearing_play: { ok: 'Inside the limit', excess: 'Excess' },
  pad_thickness: { ok: 'Enough', low: 'Low', worn_out: 'Worn out' },
  pad_wear_shape: {
    even: 'Even',
    inner_thin: 'Inner thin',
    outer_thin: 'Outer thin',
    taper_along: 'Tapered along',
    taper_radial: 'Tapered edge to edge',
  },
  rotor_surface: {
    smooth: 'Smooth',
    rusted: 'Rusted',
    streaks: 'Streaks',
    grooves: 'Grooves',
    deposits: 'Deposits',
    heat_checked: 'Heat checked',
    cracked: 'Cracked',
  },
  rotor_thickness: { ok: 'Enough', near_minimum: 'Near minimum', below_minimum: 'Below minimum' },
  heat_spread: { even: 'Even', one_hot: 'One hot', one_axle: 'One axle hot', all_hot: 'All hot' },
  rotor_peak: { within: 'Within', over_pad_limit: 'Over the pad’s limit' },
  caliper_peak: { within: 'Within', over_fluid_limit: 'Over the fluid’s limit' },
  cooling_path: { core: 'To the core', face: 'At the face', none: 'None' },
  judder_order: {
    none: 'No judder',
    first: 'Once a turn',
    second_or_more: 'Twice or more',
    not_wheel: 'Not the wheel',
  },
  stop_effect: {
    steady: 'Steady',
    falls_with_heat: 'Falls with heat',
    low_throughout: 'Low throughout',
    rises_with_heat: 'Comes in with heat',
  },
};

/** What a mechanic calls this state, or the states of an answer that names several. */
export function stateWord(finding: FindingId, said: string): string {
  const words = statesIn(said).map((state) => oneWord(finding, state));
  return [words[0], ...words.slice(1).map((word) => word.toLowerCase())].join(', ');
}

function oneWord(finding: FindingId, state: string): string {
  const said = SAID[finding]?.[state];
  if (said) return said;
  return asSentence(state.replaceAll('_', ' '));
}

/** An answer in a sentence: "wheel bearing play FR: excess". */
export function answerWords(finding: FindingId, place: Place | undefined, state: string | undefined): string {
  const asked = [findingOf(finding).label.toLowerCase(), ...(place ? [place] : [])].join(' ');
  return state === undefined ? asked : `${asked}: ${stateWord(finding, state).toLowerCase()}`;
}
