import type { Procedure } from '../procedure';
import {
  atEach,
  carUp,
  coolFirst,
  firmPedal,
  holdPedal,
  levelled,
  levelRight,
  rolledOut,
  slowRoll,
  step,
  wheelsOn,
} from './common';

/** Jobs between two outings, and before and after a car stands for long. */
export const TRACKSIDE = {
  make_safe: {
    label: 'Make it safe, hot or burning',
    about: 'A brake that smokes or glows: nobody hurt, nothing made worse',
    scope: 'car',
    touches: ['heat', 'first_move'],
    minutes: 45,
    needs: [],
    measures: ['heat'],
    steps: () => [
      step(
        'Before',
        'stop',
        'Out of the way, off the brake, no parking brake, chocks',
        'Nobody stands beside the wheel: tyres and gas springs let go. Extinguisher in the hand; the fire crew for flames.',
        { cautions: ['hot', 'no_parking_brake'], tool: 'Powder or foam extinguisher, chocks' },
      ),
      step(
        'Before',
        'no-water',
        'No water on a glowing rotor, and nobody leans over it',
        'It bursts or cracks. Steam from fluid and cleaner burns lungs. Air and time are what cools it.',
        { cautions: ['hot', 'fumes'] },
      ),
      step(
        'Before',
        'peaks',
        'Read the temperatures now, all four, from a distance',
        'In an hour nobody knows which one it was.',
        {
          measure: { measure: 'heat', phase: 'before' },
          tool: 'Infrared thermometer',
        },
      ),
      step(
        'Before',
        'wait',
        'Thirty minutes, then look',
        'The caliper is hottest ten minutes after the rotor: fluid can boil while it stands.',
        {
          timerS: 1800,
          cautions: ['hot'],
        },
      ),
      step(
        'Apart',
        'melted',
        'What went first: boots, seals, hose, wire, bearing grease, tyre',
        'Through the wheel, cold enough for a hand. Anything soft, wet or brittle keeps the car here.',
        {
          cautions: ['dust', 'glasses'],
          ask: [
            { value: 'sound', label: 'All sound' },
            { value: 'hurt', label: 'Something melted or wet', trouble: 'hurt' },
          ],
          troubles: [
            {
              id: 'hurt',
              label: 'Something melted or wet',
              unfit: true,
              lines: [
                'The car goes on a trailer. Seals, hose and bearing of that corner are renewed, its fluid with them.',
                'Under Checks: what was seen, where. It says which cause it was.',
              ],
            },
          ],
        },
      ),
      firmPedal,
      holdPedal,
    ],
  },
  trackside_bleed: {
    label: 'Bleed between two outings',
    about: 'The hot inch out of each caliper, in a quarter of an hour',
    scope: 'car',
    touches: ['lift', 'heat', 'fluid', 'wheels', 'first_move'],
    minutes: 20,
    needs: [{ kind: 'other', what: 'A sealed bottle of the class on the cap', quantity: 1, per: 'job' }],
    measures: ['pedal'],
    steps: ({ corners }) => [
      step(
        'Before',
        'cool',
        'Calipers under 80 °C',
        'Read at the bridge. Hotter, what comes out boils on the way and burns.',
        {
          cautions: ['hot'],
          tool: 'Infrared thermometer',
          ask: [
            { value: 'under', label: 'All under it' },
            { value: 'over', label: 'One is over', trouble: 'too-hot' },
          ],
          troubles: [
            {
              id: 'too-hot',
              label: 'Still too hot',
              must: true,
              lines: ['Wait, or a slow lap. A bleed on boiling fluid pulls the air back in.'],
            },
          ],
        },
      ),
      carUp(),
      step(
        'Before',
        'full',
        'Reservoir full, clean round the cap',
        'Two people, no pot: there is no time to look for its leak.',
        {
          cautions: ['fluid', 'glasses'],
        },
      ),
      ...atEach(
        corners,
        'hot',
        'outer bleeder, 20 to 30 ml',
        'Press and hold, open, close, release. Never released with it open. The inner one too where there are two and bubbles come.',
        {
          cautions: ['bleeder_snap', 'glasses', 'fluid'],
          torque: 'bleeder',
          record: [
            { id: 'ml', label: 'Out in all', kind: 'amount', unit: 'ml', start: 25, step: 5, most: 300 },
            {
              id: 'bubbles',
              label: 'Bubbles',
              kind: 'choice',
              options: [
                { value: 'none', label: 'None' },
                { value: 'few', label: 'A few' },
                { value: 'many', label: 'Many' },
              ],
            },
          ],
        },
      ),
      levelRight,
      step('Finish', 'waste', 'What came out, into the can', 'Water over every spill.', {
        cautions: ['disposal'],
      }),
      firmPedal,
      holdPedal,
      wheelsOn(corners),
      slowRoll,
    ],
    tradeOffs: [
      'It buys the day, not the fluid: many bubbles at every stop say that the whole of it is past it.',
    ],
  },
  quick_pads: {
    label: 'Pads quickly, opposed calipers',
    about: 'Out by their pins, a bedded set in, back out in a quarter of an hour',
    scope: 'axle',
    fits: { brake: 'disc', caliper: 'opposed' },
    touches: ['lift', 'heat', 'dust', 'fluid', 'wheels', 'first_move'],
    minutes: 20,
    needs: [{ kind: 'pads', what: 'A bedded set, marked by corner', quantity: 1, per: 'axle' }],
    measures: ['pads'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      step(
        'Before',
        'down',
        'Level looked at, drawn down',
        'Pistons go back by a whole pad: it runs over otherwise.',
        { cautions: ['fluid'] },
      ),
      ...atEach(
        corners,
        'swap',
        'pins and spring out, pistons back against a spacer, its own bedded pads in',
        'Welding gloves: pads stay hot long after rotors. One pad at a time keeps the other pistons home. Old ones measured and marked with corner and session.',
        {
          cautions: ['hot', 'dust', 'nobody_presses'],
          tool: 'Pin punch, piston spreader, gloves',
          record: [{ id: 'left', label: 'Thinnest that came out', kind: 'figure', unit: 'mm' }],
          ask: [
            { value: 'sound', label: 'In, rotor sound' },
            { value: 'rotor', label: 'Rotor cracked or blue', trouble: 'rotor' },
          ],
          troubles: [
            {
              id: 'rotor',
              label: 'The rotor is cracked or blue',
              unfit: true,
              lines: ['It does not go out again on it: the rotors of this axle are renewed.'],
            },
          ],
        },
      ),
      ...atEach(corners, 'pins', 'new pin clips, spring seated', 'A pin without its clip walks out.'),
      ...levelled,
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
  ring_on_hat: {
    label: 'New ring on its hat',
    about: 'A two-piece rotor: the ring is worn, the hat is kept',
    scope: 'axle',
    fits: { rotor: 'two_piece', brake: 'disc' },
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move'],
    minutes: 120,
    needs: [
      { kind: 'rotor', what: 'Ring of the same side', quantity: 1, per: 'corner' },
      { kind: 'float_kit', what: 'Float hardware set', quantity: 1, per: 'corner' },
    ],
    measures: ['rotor'],
    bedIn: true,
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'out',
        'caliper tied up, rotor off, old ring read',
        'How thick, how many laps, why it goes.',
        {
          cautions: ['caliper_hang', 'dust', 'nobody_presses'],
          record: [{ id: 'thickness', label: 'Thinnest', kind: 'figure', unit: 'mm' }],
        },
      ),
      ...atEach(
        corners,
        'hat',
        'hat: holes round, flange true, no crack',
        'On a flat plate. The old hardware goes in the bin.',
        {
          ask: [
            { value: 'sound', label: 'Sound' },
            { value: 'done', label: 'Long holes, bent or cracked', trouble: 'hat' },
          ],
          troubles: [
            { id: 'hat', label: 'The hat is done', unfit: true, lines: ['Ring and hat as a pair.'] },
          ],
        },
      ),
      ...atEach(
        corners,
        'ring',
        'ring on, vanes to its side, all hardware new, in its order',
        'Crosswise in steps; lock or thread glue as the maker says, nowhere else.',
        { torque: 'float_hardware', record: [{ id: 'play', label: 'Float', kind: 'figure', unit: 'mm' }] },
      ),
      ...atEach(
        corners,
        'on',
        'washed, on a bright face, held by all its nuts',
        'Dialled before the caliper is on: a ring on a hat has two faces to be untrue.',
        {
          cautions: ['fumes'],
          record: [{ id: 'runout', label: 'Runout', required: true, kind: 'figure', unit: 'mm' }],
        },
      ),
      ...atEach(corners, 'back', 'pads to match, caliper on', 'New pads, or ones bedded on the same iron.', {
        torque: 'caliper_bracket',
      }),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
  little_used: {
    label: 'Brakes that are hardly used',
    about: 'Electric and hybrid cars, and any that stand: rust, stuck slides, a glazed pad',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move', 'road'],
    minutes: 90,
    needs: [
      { kind: 'slide_kit', what: 'Slide pins with boots, if they are due', quantity: 1, per: 'corner' },
    ],
    measures: ['pads', 'rotor'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'faces',
        'both faces, by mirror: rust, pits, a bright band',
        'The inner face is the worse one. Pits a nail falls into do not come off by driving.',
        {
          cautions: ['dust'],
          ask: [
            { value: 'film', label: 'A film, no pits' },
            { value: 'pits', label: 'Pits or flaking', trouble: 'pits' },
          ],
          troubles: [
            {
              id: 'pits',
              label: 'Pits or flaking',
              unfit: true,
              lines: ['Cut or renewed in pairs: add that job.'],
            },
          ],
        },
      ),
      ...atEach(
        corners,
        'slide',
        'pins and abutments freed and greased',
        'What never moves seizes. Pads slide by a finger.',
        {
          cautions: ['dust', 'nobody_presses', 'caliper_hang'],
          torque: 'slide_pin',
        },
      ),
      wheelsOn(corners),
      ...rolledOut,
      step(
        'Proof',
        'burn-off',
        'Ten firm stops with regeneration at its least',
        'In neutral where it cannot be turned down. The rust goes, the film comes; then let it cool by driving.',
        {
          cautions: ['road', 'no_parking_brake'],
          drives: true,
          ask: [
            { value: 'even', label: 'Even and bright after it' },
            { value: 'band', label: 'A band stays', trouble: 'band' },
          ],
          troubles: [
            {
              id: 'band',
              label: 'A band stays',
              lines: ['The pad does not meet it: pins, abutments, or the face is gone. Cut or renew.'],
            },
          ],
        },
      ),
      step(
        'Finish',
        'habit',
        'Tell the driver: a few firm stops every week',
        'Where the car has a mode that braking uses the pads in, it is that one.',
      ),
    ],
  },
  lay_up: {
    label: 'Lay it up, or bring it back',
    about: 'Before a winter and after it: fluid, faces, seals, first stops',
    scope: 'car',
    touches: ['lift', 'heat', 'dust', 'wheels', 'first_move', 'road'],
    minutes: 120,
    needs: [],
    measures: ['fluid'],
    steps: ({ corners }) => [
      step(
        'Before',
        'water',
        'The fluid’s water, read',
        'It stands for months: wet fluid eats bores. Near its limit it is changed before, not after.',
        {
          measure: { measure: 'fluid', phase: 'before' },
        },
      ),
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'stand',
        'faces wiped dry, pads drawn off them, boots looked at',
        'Parking brake off for the whole time, chocks. Washed and dried by driving first, never put away wet.',
        {
          cautions: ['dust', 'no_parking_brake'],
        },
      ),
      ...atEach(
        corners,
        'back',
        'coming back: turns free, no wet spot, faces scrubbed',
        'Before the first press. Rust by garnet paper and a wipe; seals that weep after standing are renewed.',
        {
          cautions: ['dust', 'mask'],
          ask: [
            { value: 'free', label: 'Free and dry, or laid up only now' },
            { value: 'wet', label: 'Wet or stuck', trouble: 'wet-back' },
          ],
          troubles: [
            {
              id: 'wet-back',
              label: 'Wet or stuck',
              unfit: true,
              lines: ['It does not roll: caliper or cylinder is the job. Under Checks, with its corner.'],
            },
          ],
        },
      ),
      wheelsOn(corners),
      ...rolledOut,
      step(
        'Proof',
        'first-stops',
        'First stops: six, gentle, then six firm',
        'Empty, straight. Noise goes by the third; a pull or a pulse that stays is looked at.',
        {
          cautions: ['road'],
          drives: true,
          ask: [
            { value: 'right', label: 'Straight and quiet, or it is laid up' },
            { value: 'wrong', label: 'It pulls or pulses', trouble: 'pulls' },
          ],
          troubles: [
            {
              id: 'pulls',
              label: 'It pulls or pulses',
              lines: ['Written down under Proof: the verdict takes it from there.'],
            },
          ],
        },
      ),
    ],
  },
} as const satisfies Record<string, Procedure>;
