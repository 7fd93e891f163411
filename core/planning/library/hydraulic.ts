import type { Procedure } from '../procedure';
import {
  atEach,
  carUp,
  coolFirst,
  cornersInWords,
  firmPedal,
  holdPedal,
  levelRight,
  portOpen,
  propPedal,
  step,
  wheelsOn,
} from './common';

/** Jobs on fluid, lines and cylinders. */
export const HYDRAULIC = {
  flush: {
    label: 'Flush and bleed',
    about: 'New fluid right through, from the furthest corner to the nearest',
    scope: 'car',
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move'],
    minutes: 60,
    needs: [],
    measures: ['fluid'],
    bleed: 'flush',
    steps: () => [],
  },
  bleed: {
    label: 'Bleed all corners',
    about: 'Air out of a system that was opened, ran low or was bled badly',
    scope: 'car',
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move'],
    minutes: 45,
    needs: [],
    measures: ['pedal'],
    bleed: 'opened',
    steps: () => [
      step(
        'Before',
        'why-air',
        'Say how the air got in',
        'Opened, ran low, a bleeder below the top, a leak: air that is bled out and not explained comes back.',
      ),
    ],
    tradeOffs: ['A bleed both cures and proves air: bubbles, then a firm pedal.'],
  },
  modulator_cycle: {
    label: 'Cycle the modulator and bleed again',
    about: 'Air behind closed valves only leaves when they open',
    scope: 'car',
    fits: { abs: true },
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move'],
    minutes: 75,
    needs: [],
    measures: ['pedal'],
    bleed: 'modulator',
    steps: () => [
      step(
        'Before',
        'scan',
        'Scan tool on, battery on a charger',
        'The maker’s routine for this unit. A sagging battery stops it half way.',
        { tool: 'Scan tool, battery charger' },
      ),
      step('Before', 'codes', 'Read the fault codes and write them down', 'Before anything is cleared.'),
      firmPedal,
      holdPedal,
      step(
        'Proof',
        'codes-after',
        'Clear the codes, drive a little, read again',
        'A code that comes back says air or wiring: it is told, not cleared twice.',
        {
          cautions: ['proof_run'],
          drives: true,
          ask: [
            { value: 'none', label: 'None come back' },
            { value: 'back', label: 'One comes back', trouble: 'code-back' },
          ],
          troubles: [
            {
              id: 'code-back',
              label: 'A code comes back',
              lines: ['Written down as it reads. Air: once more round. Wiring or a sensor: its own job.'],
            },
          ],
        },
      ),
    ],
  },
  leak_repair: {
    label: 'Repair the leak',
    about: 'The joint, pipe, hose or seal that is wet, and nothing pulled tighter than it should be',
    scope: 'corner',
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move'],
    minutes: 90,
    needs: [{ kind: 'other', what: 'Sealing washers, pipe or hose as found', quantity: 1, per: 'job' }],
    measures: ['pedal'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      step('Before', 'clean', 'Wash the wet place and dry it', 'Water and soap, then a dry cloth.', {
        cautions: ['fluid'],
      }),
      step(
        'Apart',
        'find',
        `Press the pedal and watch ${cornersInWords(corners)}`,
        'Reservoir filled first. A helper presses hard; face and hands to the side of the joint. The first drop says where; the lowest wet spot is only where it ran to. Dry here: behind the master, the booster’s mouth, the modulator.',
        { tool: 'Helper, lamp', cautions: ['glasses', 'pressure', 'fluid'] },
      ),
      propPedal,
      step(
        'Fit',
        'renew',
        'Renew what leaks',
        'New sealing washers every time. A rusty pipe goes as a whole. Fit loose, by hand, then tighten with two spanners.',
        {
          torque: ['line_union', 'banjo', 'modulator_union'],
          tool: 'Two flare spanners',
          cautions: ['fluid', 'glasses'],
          troubles: [
            {
              id: 'round',
              label: 'Union round, or the pipe turns with it',
              lines: [
                'The pipe goes as a whole: same bore, same flare, its clips and its coating, no nearer to anything hot.',
                'Never the union heated, never the pipe twisted back.',
              ],
            },
          ],
        },
      ),
      step(
        'Fit',
        'wet',
        'Did pads, shoes or a rotor meet the fluid?',
        'Fluid is drawn into a lining and comes out hot, at the worst corner.',
        {
          ask: [
            { value: 'dry', label: 'None of them' },
            { value: 'wet', label: 'A lining is wet', trouble: 'wet-lining' },
          ],
          troubles: [
            {
              id: 'wet-lining',
              label: 'A lining is wet',
              lines: [
                'It goes, with its mate across the axle: add the pads or shoes to this job.',
                'Rotor or drum washed with soap and water, then cleaner.',
              ],
            },
          ],
        },
      ),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
    ],
  },
  hose: {
    label: 'Renew the hoses',
    about: 'Both sides of the axle, rubber or braided',
    scope: 'axle',
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move', 'legal'],
    minutes: 120,
    needs: [{ kind: 'hose', what: 'Brake hose with new washers', quantity: 1, per: 'corner' }],
    measures: ['pedal'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      propPedal,
      ...atEach(
        corners,
        'hose',
        'old hose off, new one on loose',
        'A tray under it, clips and sensor wire off first, no old washer left behind. Everything by hand, no twist. What it brings shows at the pedal: measure before and after.',
        { tool: 'Tray, new washers', cautions: ['fluid', 'glasses'] },
      ),
      ...atEach(
        corners,
        'clear',
        'clear at full lock and droop',
        'Still loose. Wheel hanging, then up; lock to lock. A hose that touches anything wears through.',
      ),
      ...atEach(corners, 'tight', 'both ends tight, clips in', 'Two spanners, then lock to lock once more.', {
        torque: ['line_union', 'banjo'],
        tool: 'Two spanners',
      }),
      step(
        'Back together',
        'approved',
        'Braided hoses on a road car',
        'Only with the approval marking and paper the place asks for.',
        { cautions: ['legal'] },
      ),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
    ],
    tradeOffs: ['Braided hoses give a shorter pedal and hide their age: rubber shows cracks first.'],
  },
  master: {
    label: 'New master cylinder',
    about: 'Seals that let pressure past, or another bore',
    scope: 'car',
    touches: ['fluid', 'pressure', 'lift', 'wheels', 'first_move'],
    minutes: 120,
    needs: [
      { kind: 'master', what: 'Master cylinder of the right bore', quantity: 1, per: 'job' },
      { kind: 'other', what: 'Seal to the booster, grommets, pin, plugs', quantity: 1, per: 'job' },
    ],
    measures: ['pedal'],
    bleed: 'opened',
    steps: ({ car }) => [
      step(
        'Before',
        'bore',
        'Check the bore on the casting',
        `${car.masterBoreMm === null ? 'The bore of this car is not on file' : `This car: ${car.masterBoreMm} mm`}. A bore up is a shorter, harder pedal; a bore down the reverse.`,
        {
          ask: [
            { value: 'same', label: 'The same' },
            { value: 'purpose', label: 'Another, on purpose' },
            { value: 'wrong', label: 'Not the right one', trouble: 'wrong-bore' },
          ],
          troubles: [
            {
              id: 'wrong-bore',
              label: 'Not the right bore',
              must: true,
              lines: [
                'Nothing is opened yet: the right one first. The bench’s pedal page says what each bore does.',
              ],
            },
          ],
        },
      ),
      step(
        'Before',
        'plug',
        'Plug the outlets and press, once',
        'Rags and a tray under it, the pedal up. A pedal that still sinks is the master; one that stands firm says look elsewhere before you buy.',
        {
          tool: 'Outlet plugs, tray',
          cautions: ['fluid', 'glasses', 'pressure'],
          ask: [
            { value: 'sinks', label: 'It sinks: the master' },
            { value: 'firm', label: 'It stands firm', trouble: 'stands' },
            { value: 'other', label: 'Not tried: another bore, or it leaks' },
          ],
          troubles: [
            {
              id: 'stands',
              label: 'It stands firm',
              lines: [
                'The master holds: what gives is behind it. Unions back, bled, and back to the verdict before one is bought.',
              ],
            },
          ],
        },
      ),
      step(
        'Fit',
        'bench-bleed',
        'Bleed the new one on the bench',
        'Held by its flange, filled, short slow strokes until no bubble comes. Air in a new master takes hours to get out on the car.',
        { cautions: ['fluid'] },
      ),
      step(
        'Apart',
        'old-out',
        'Unions off, old master out',
        'Reservoir drawn empty, the booster’s help pumped out, level plug and clutch feed off. Rags under, plugs in; its nuts last. Look into the booster’s mouth for fluid.',
        {
          cautions: ['pressure', 'glasses', 'fluid', 'assist_pressure'],
          tool: 'Flare spanners',
        },
      ),
      step(
        'Fit',
        'new-in',
        'New master in, unions by hand first',
        'Pushrod play as the maker says, before the nuts are done up.',
        { torque: 'master_nut' },
      ),
      step('Fit', 'unions', 'Unions up', 'Two turns by hand or they are crossed.', { torque: 'line_union' }),
      firmPedal,
      holdPedal,
      portOpen,
    ],
  },
  caliper_swap: {
    label: 'Put the calipers on their right sides',
    about: 'The bleeder must stand at the very top, or air stays in',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move', 'dust'],
    minutes: 90,
    needs: [{ kind: 'other', what: 'Sealing washers', quantity: 2, per: 'corner' }],
    measures: ['pedal'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      step(
        'Apart',
        'look',
        'Look where the bleeders stand',
        'At the top, or lower than a passage: a minute’s look before an hour’s work.',
        { cautions: ['dust'] },
      ),
      propPedal,
      ...atEach(
        corners,
        'unhung',
        'caliper off its hose and mount',
        'Both off before either goes on. Handed bores, pads and wear sensors stay with their side: look which.',
        { cautions: ['fluid', 'dust', 'glasses', 'nobody_presses'], tool: 'Tray, plugs' },
      ),
      ...atEach(
        corners,
        'swap',
        'caliper from the other side on, bleeder on top',
        'New washers, pads in. Crossed pipes may have to be bent anew.',
        {
          torque: ['caliper_bracket', 'banjo'],
        },
      ),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
    ],
  },
  level: {
    label: 'Set the level',
    about: 'Topped up when the reason is known, drawn off when it is too high',
    scope: 'car',
    touches: ['fluid', 'first_move'],
    minutes: 15,
    needs: [],
    measures: ['pads'],
    steps: () => [
      step(
        'Before',
        'reason',
        'Say where the fluid went, or came from',
        'Low: worn pads, or a leak; look inside the booster when nothing is wet. High: topped up over worn pads, then new ones fitted.',
        {
          ask: [
            { value: 'worn_pads', label: 'Worn pads, measured' },
            { value: 'overfilled', label: 'Overfilled' },
            { value: 'leak', label: 'A leak', trouble: 'leak' },
            { value: 'not_known', label: 'Not known yet', trouble: 'not-known' },
          ],
          troubles: [
            {
              id: 'leak',
              label: 'A leak',
              must: true,
              lines: [
                'Topped up over a leak it is empty again, at a corner. The car stays here: the leak is the job.',
                'Say where under Checks: it holds the car until it is proved dry.',
              ],
            },
            {
              id: 'not-known',
              label: 'Nobody knows where it went',
              lines: [
                'All four pads measured; behind the master and into the booster’s mouth; inside each wheel.',
                'Nothing found: level set, marked with the date, and looked at again within a week and before each outing.',
              ],
            },
          ],
        },
      ),
      step('Before', 'cap', 'Clean round the cap, then open it', 'Dirt here goes into the master.', {
        cautions: ['fluid', 'glasses'],
      }),
      levelRight,
      step('Finish', 'away', 'What was drawn off goes to the waste', 'Never back into a fresh bottle.', {
        cautions: ['disposal'],
      }),
      step(
        'Proof',
        'again',
        'Mark the level with a pen and the date',
        'A level that stays where it was put was only low. In a week again: under what is due.',
      ),
      firmPedal,
      holdPedal,
    ],
  },
  wrong_fluid: {
    label: 'Flush the wrong fluid out, renew the rubber',
    about: 'Mineral oil and mixed fluid swell every seal they touched',
    scope: 'car',
    touches: ['lift', 'fluid', 'pressure', 'heat', 'compressed_air', 'wheels', 'first_move'],
    minutes: 600,
    needs: [
      { kind: 'seal_kit', what: 'Piston seals', quantity: 1, per: 'piston' },
      { kind: 'master', what: 'Master cylinder or its seals', quantity: 1, per: 'job' },
      { kind: 'hose', what: 'Brake hoses', quantity: 1, per: 'corner' },
    ],
    measures: ['fluid'],
    // Every line is dry after it, the modulator’s too.
    bleed: 'opened',
    steps: ({ corners }) => [
      step(
        'Before',
        'prove',
        'Prove it: a drop in a glass of water',
        'Glycol fluid mixes, oil floats, silicone beads. Costly seals are not changed on a guess.',
        { cautions: ['glasses'] },
      ),
      step(
        'Before',
        'rubber',
        'Look at the cap seal',
        'Swollen and soft: everything made of rubber goes, from the cap to the calipers.',
        {
          ask: [
            { value: 'swollen', label: 'Swollen: all rubber goes' },
            { value: 'sound', label: 'Sound', trouble: 'sound' },
          ],
          troubles: [
            {
              id: 'sound',
              label: 'The cap seal is sound',
              lines: [
                'Then the rubber has not met oil: leave this job and flush, twice the volume.',
                'Oil all the same, caught early: some makers want the rubber out whatever it looks like.',
              ],
            },
          ],
        },
      ),
      coolFirst,
      carUp(),
      step(
        'Apart',
        'drain',
        'Drain, wash the pipes through with alcohol, blow them dry',
        'Pipe by pipe with both ends off, low air away from the face, never through the modulator: its valves keep what is blown in. Nothing of the old may stay. What comes out is a waste of its own.',
        { cautions: ['fluid', 'pressure', 'fumes', 'glasses', 'compressed_air', 'disposal'] },
      ),
      step('Fit', 'seals', 'New rubber: master, reservoir grommets, cap', 'As the maker’s kit says.', {
        torque: ['master_nut', 'line_union'],
        cautions: ['fluid'],
      }),
      ...atEach(
        corners,
        'rubber',
        'hose, and caliper or cylinder seals',
        'Everything of rubber that the fluid met, boots too.',
        { torque: ['banjo', 'caliper_bracket'], cautions: ['fluid', 'dust'] },
      ),
      step(
        'Fit',
        'unit',
        'The modulator, and a clutch on the same pot',
        'They have seals too, and most makers sell none.',
        {
          ask: [
            { value: 'all', label: 'Renewed with the rest, or the car has none' },
            { value: 'stays', label: 'It stays', trouble: 'unit-stays' },
          ],
          troubles: [
            {
              id: 'unit-stays',
              label: 'The unit stays',
              lines: [
                'Its seals met the fluid and may fail later, all at once. That is somebody’s decision: written down, and the owner told.',
              ],
            },
          ],
        },
      ),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
    ],
  },
  wheel_cylinder: {
    label: 'New wheel cylinders',
    about: 'Both sides of the axle, cheap beside a return visit',
    scope: 'axle',
    fits: { brake: 'drum' },
    touches: ['lift', 'fluid', 'pressure', 'dust', 'springs', 'wheels', 'first_move'],
    minutes: 90,
    needs: [{ kind: 'wheel_cylinder', what: 'Wheel cylinder', quantity: 1, per: 'corner' }],
    measures: ['drum'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      propPedal,
      // One side whole before the other is touched: the other is the pattern.
      ...corners.flatMap((corner) => [
        ...atEach(
          [corner],
          'shoes',
          'drum and shoes off',
          'Parking brake off and slack. Only this side: the other is the picture to copy. A lining that met fluid goes, on both sides; the drum’s bore against the figure cast on it.',
          { cautions: ['dust', 'spring_loaded', 'nobody_presses'] },
        ),
        ...atEach(
          [corner],
          'cylinder',
          'new cylinder on',
          'Pipe union by hand first, then the bolts, then the union. A clip over the pistons until the shoes are on. Look for fluid behind the old boots.',
          { torque: 'wheel_cylinder', cautions: ['fluid'] },
        ),
        ...atEach(
          [corner],
          'adjust',
          'shoes back, set to a light drag',
          'Linings that met fluid are scrap. This side is whole before the other is opened.',
        ),
      ]),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
    ],
  },
} as const satisfies Record<string, Procedure>;
