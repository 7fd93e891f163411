import type { Procedure } from '../procedure';
import { carUp, coolFirst, levelRight, wheelsOn } from './car';
import { outOfLimit } from './figures';
import { firmPedal, holdPedal } from './proofs';
import { atEach, step } from './step';

/** Jobs on the fluid itself. */
export const FLUID = {
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
    measures: ['firmness', 'pedal'],
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
    measures: ['firmness', 'pedal'],
    bleed: 'modulator',
    // New fluid is in the lines already: what is wanted is the air.
    bleedShare: 0.5,
    steps: () => [
      step(
        'Before',
        'scan',
        'Scan tool on, battery on a charger',
        'The maker’s routine for this unit. A sagging battery stops it half way.',
        { tool: 'Scan tool, battery charger' },
      ),
      step('Before', 'codes', 'Read the fault codes and write them down', 'Before anything is cleared.', {
        record: [{ id: 'codes', label: 'Codes stored, or none', kind: 'words', most: 120, required: true }],
      }),
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
              due: { what: 'Level again: nobody knows where it went', inDays: 7 },
              lines: [
                'All four pads measured; behind the master and into the booster’s mouth; inside each wheel.',
                'Nothing found: level set, marked with the date, and looked at again within a week and before each outing.',
              ],
            },
          ],
        },
      ),
      step(
        'Before',
        'cap',
        'Clean round the cap, then open it',
        'Dirt here goes into the master. The class on it is what goes in, out of a sealed bottle.',
        {
          cautions: ['fluid', 'glasses'],
        },
      ),
      {
        ...levelRight,
        how: 'Low: filled up with sealed fluid of that class. High: the excess drawn off, hot fluid needs room. Cap clean and on.',
      },
      step('Finish', 'away', 'What was drawn off goes to the waste', 'Never back into a fresh bottle.', {
        cautions: ['disposal'],
      }),
      step(
        'Proof',
        'again',
        'Mark the level with a pen and the date',
        'A level that stays where it was put was only low.',
      ),
      firmPedal,
      holdPedal,
    ],
  },
  reservoir_cap: {
    label: 'Reservoir cap and its seal',
    about: 'A cracked, loose or swollen cap lets water in and fluid out',
    scope: 'car',
    touches: ['fluid', 'first_move'],
    minutes: 10,
    needs: [{ kind: 'other', what: 'Reservoir cap with its seal', quantity: 1, per: 'job' }],
    measures: ['fluid'],
    steps: () => [
      step(
        'Before',
        'clean',
        'Clean round the cap, then open it',
        'Alcohol on a cloth that leaves no lint: what falls in goes to the master.',
        { cautions: ['fluid', 'glasses'] },
      ),
      step(
        'Before',
        'seal',
        'Which way did the seal go?',
        'Flat in the hand, beside the neck it sat on. A bellows is drawn out and wiped dry; one that hangs down has let air press on the fluid.',
        {
          ask: [
            { value: 'hard', label: 'Cracked, hard or loose' },
            { value: 'swollen', label: 'Swollen or soft', trouble: 'swollen' },
            { value: 'neck', label: 'The neck is damaged', trouble: 'neck' },
          ],
          troubles: [
            {
              id: 'swollen',
              label: 'The seal is swollen',
              must: true,
              lines: [
                'Mineral oil does that, and it does it to every seal behind it: a drop of the fluid in water tells.',
                'Floats: the wrong fluid is the job, and the car stays here. Mixes: a new cap, and look again at the next visit.',
              ],
            },
            {
              id: 'neck',
              label: 'The neck is cracked or worn',
              lines: ['No cap closes on it: the reservoir is renewed, with its grommets.'],
            },
          ],
        },
      ),
      step(
        'Fit',
        'new',
        'New cap and seal: this car’s, its vent open',
        'The class on it is the class in the pot. A blocked vent holds the brakes on as they warm; a bellows goes in folded back.',
        {
          record: [
            {
              id: 'class',
              label: 'Class on the cap',
              kind: 'choice',
              required: true,
              options: [
                { value: 'same', label: 'As in the pot' },
                { value: 'other', label: 'Another, and said on the sheet' },
              ],
            },
          ],
        },
      ),
      levelRight,
      step(
        'Finish',
        'water',
        'What did the fluid take up meanwhile?',
        'Moisture, with the tester set to its class. Wet: the flush is the next job; a new cap dries nothing.',
        {
          measure: { measure: 'fluid', phase: 'after' },
          troubles: [
            {
              ...outOfLimit,
              lines: [
                'Probes wiped, tester set to the class: the same figure twice, or it does not count.',
                'Wet, or boils too low: a flush is added to this job, or noted as due with its day.',
              ],
            },
          ],
        },
      ),
      step('Finish', 'away', 'Cloths and the old seal to the waste', 'Wash every spill.', {
        cautions: ['disposal'],
      }),
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
    // Every line is dry after it, the modulator’s too, and what is left of the old goes with the first of the new.
    bleed: 'opened',
    bleedShare: 2,
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
} as const satisfies Record<string, Procedure>;
