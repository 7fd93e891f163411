import type { FindingId } from '../../readings/vocabulary/findings';
import type { HoldId } from './holds';

/** One answer, asked or measured after the work, that a hold ends by. */
export type Ending = {
  finding: FindingId;
  /** The states that count. */
  states: readonly string[];
  /**
   * Where it is asked: of the car, where the answer that put the hold on was given, or at both wheels of that axle,
   * because parts go on in pairs.
   */
  at: 'car' | 'because' | 'axle';
  /** Another test of the same thing that counts as well. */
  or?: { finding: FindingId; states: readonly string[] };
  /** Only when the hold was put on by this answer, in one of these states when they are named. */
  when?: { finding: FindingId; states?: readonly string[] };
};

const FIRM: Ending = { finding: 'pedal_now', states: ['firm'], at: 'car' };
const HOLDS_30_S: Ending = { finding: 'pedal_hold', states: ['holds'], at: 'car' };
const DRY: Ending = { finding: 'leak', states: ['none'], at: 'car' };
const LEVEL: Ending = { finding: 'reservoir_level', states: ['ok'], at: 'car' };
const DRY_BEHIND: Ending = {
  finding: 'behind_master',
  states: ['dry'],
  at: 'car',
  // Nobody takes a new master off again to look behind it: one that holds lets nothing past its seals.
  or: { finding: 'pedal_hold', states: ['holds'] },
};

/** What ends each hold. Common practice, no source; the words of each are in `HOLDS`. */
export const ENDS: Record<HoldId, readonly Ending[]> = {
  pedal_to_floor: [FIRM, HOLDS_30_S, DRY],
  pedal_sinks: [HOLDS_30_S],
  pedal_not_firm: [FIRM, HOLDS_30_S],
  leak: [
    {
      ...DRY,
      at: 'because',
      when: { finding: 'leak', states: ['line_or_hose', 'caliper_or_cylinder'] },
    },
    { ...DRY, when: { finding: 'level_falls' } },
    // Nothing behind the master shows on the lines.
    { ...DRY_BEHIND, when: { finding: 'leak', states: ['master_to_booster'] } },
    { ...DRY_BEHIND, when: { finding: 'behind_master' } },
    { finding: 'wheel_cylinder', states: ['free'], at: 'because', when: { finding: 'wheel_cylinder' } },
    LEVEL,
    FIRM,
  ],
  fluid_low: [LEVEL, DRY, FIRM],
  fluid_wet: [
    {
      finding: 'fluid_moisture',
      states: ['dry'],
      at: 'car',
      or: { finding: 'fluid_boiling', states: ['ok'] },
    },
  ],
  fluid_wrong: [{ finding: 'fluid_type', states: ['right'], at: 'car' }, FIRM, HOLDS_30_S],
  pad_worn_out: [
    {
      finding: 'pad_thickness',
      states: ['ok'],
      at: 'axle',
      // An axle that grinds may have drums.
      or: { finding: 'shoe_lining', states: ['ok'] },
    },
  ],
  rotor_below_minimum: [{ finding: 'rotor_thickness', states: ['ok'], at: 'axle' }],
  rotor_cracked: [{ finding: 'rotor_surface', states: ['smooth', 'streaks'], at: 'axle' }],
  bearing_play: [{ finding: 'bearing_play', states: ['ok'], at: 'because' }],
  brakes_stuck_on: [
    { finding: 'wheel_drags', states: ['no'], at: 'because', when: { finding: 'wheel_drags' } },
  ],
  pads_contaminated: [{ finding: 'pad_surface', states: ['normal'], at: 'axle' }, DRY],
  brake_lamp: [{ finding: 'warning_light', states: ['none'], at: 'car' }],
  assist_lost: [
    { finding: 'assist_start', states: ['drops'], at: 'car' },
    { finding: 'assist_vacuum', states: ['ok'], at: 'car', when: { finding: 'assist_vacuum' } },
    { finding: 'assist_fluid', states: ['ok'], at: 'car', when: { finding: 'assist_fluid' } },
  ],
  wheel_loose: [{ finding: 'wheel_nuts', states: ['tight'], at: 'because' }],
  caliper_loose: [{ finding: 'caliper_mount', states: ['tight'], at: 'because' }],
  pedal_bracket: [{ finding: 'pedal_linkage', states: ['tight'], at: 'car' }],
  joint_loose: [{ finding: 'suspension_joints', states: ['tight'], at: 'because' }],
  lining_separated: [{ finding: 'pad_surface', states: ['normal'], at: 'axle' }],
  shoes_worn_out: [{ finding: 'shoe_lining', states: ['ok'], at: 'axle' }],
};
