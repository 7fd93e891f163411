import type { Procedure } from '../procedure';
import { carUp, coolFirst, propPedal, wheelsOn } from './car';
import { apart, calipersOff } from './corner';
import { measureFound } from './figures';
import { rolledOut } from './proofs';
import { atEach } from './step';

/** Jobs on calipers. */
export const CALIPER = {
  slides: {
    label: 'Free the slides',
    about: 'Pins out, clean, the right grease, whole boots',
    scope: 'axle',
    fits: { caliper: 'sliding', brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 60,
    needs: [{ kind: 'slide_kit', what: 'Slide pins with boots', quantity: 1, per: 'corner' }],
    measures: ['pads'],
    steps: ({ corners }) => [
      ...apart(corners),
      ...measureFound('pads', corners, 'pads, inner and outer, both ends'),
      ...atEach(
        corners,
        'pins',
        'pins out, cleaned',
        'Pads worn to a taper are due with it. The one with the bush is not the plain one: kept apart, each back to its hole. A pin that needs a vice is renewed. Bores wiped, no emery inside. Abutments and clips to bare metal, or the pads bind there.',
        {
          tool: 'Pin brush, silicone brake grease',
          cautions: ['dust'],
        },
      ),
      ...atEach(
        corners,
        'grease',
        'greased, boots whole and seated',
        'Grease made for it: mineral grease swells the boots and binds them again.',
      ),
      ...atEach(corners, 'glide', 'caliper glides by one finger', 'Both ways, all along.', {
        ask: [
          { value: 'glides', label: 'Glides' },
          { value: 'binds', label: 'Still binds', trouble: 'binds' },
        ],
        troubles: [
          {
            id: 'binds',
            label: 'It still binds',
            unfit: true,
            lines: ['The bracket’s bore is worn or bent: the bracket, or the caliper, is renewed.'],
          },
        ],
      }),
      ...atEach(corners, 'back', 'caliper on', 'New bolts where the maker asks.', { torque: 'slide_pin' }),
      wheelsOn(corners),
      ...rolledOut,
    ],
    tradeOffs: ['Pads worn to a taper stay so: on a bound caliper they are usually due too.'],
  },
  caliper_bolts: {
    label: 'Caliper and bracket to their torque',
    about: 'A caliper that moves on its bolts: threads looked at, bolts renewed, both sides of the axle',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 45,
    needs: [
      {
        kind: 'other',
        what: 'Caliper and bracket bolts, where the maker renews them',
        quantity: 1,
        per: 'axle',
      },
    ],
    measures: ['pads'],
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'bolts',
        'each bolt, before it is undone',
        'Which turn short of the figure, and how far. A polished ring under a head, or thread dust, says how long it has moved.',
        { tool: 'Torque wrench', cautions: ['dust'] },
      ),
      ...calipersOff(corners),
      ...atEach(
        corners,
        'threads',
        'bracket off where there is one; threads in it and in the upright',
        'Cleaned by brush and cleaner, not by a tap that takes metal. A bolt has to run in by hand to its last turn.',
        {
          ask: [
            { value: 'sound', label: 'Sound' },
            { value: 'pulled', label: 'Pulled, stretched or oval', trouble: 'pulled' },
          ],
          troubles: [
            {
              id: 'pulled',
              label: 'A thread is pulled or a hole is oval',
              unfit: true,
              lines: [
                'An insert where the maker allows one, else the upright or the bracket is renewed. Thread glue holds no pulled thread.',
              ],
            },
          ],
        },
      ),
      ...atEach(
        corners,
        'faces',
        'faces bright, nothing under them',
        'Rust or paint under a lug settles, and the bolt is loose again.',
      ),
      ...atEach(
        corners,
        'torque',
        'bracket, then caliper, to the figure',
        'New bolts and thread glue where the maker asks. In two goes, then each once more. A dab of paint over head and lug shows the next one that turns.',
        { torque: 'caliper_bracket' },
      ),
      ...atEach(
        corners,
        'rock',
        'rocked by both hands: only what slides moves',
        'The rotor turns without touching bracket or shield.',
      ),
      wheelsOn(corners),
      ...rolledOut,
    ],
    tradeOffs: ['A knock that stays is in the joints or in the pads’ hardware: look there next.'],
  },
  caliper_rebuild: {
    label: 'Rebuild or renew the caliper',
    about: 'New seals in a sound bore; a pitted one is scrap',
    scope: 'axle',
    fits: { brake: 'disc' },
    touches: ['lift', 'fluid', 'pressure', 'compressed_air', 'dust', 'heat', 'wheels', 'first_move'],
    minutes: 150,
    needs: [
      { kind: 'seal_kit', what: 'Piston seals', quantity: 1, per: 'piston' },
      { kind: 'boots', what: 'Piston boots', quantity: 1, per: 'piston' },
      { kind: 'other', what: 'Sealing washers', quantity: 2, per: 'corner' },
      { kind: 'other', what: 'Bleeder with its cap, assembly lubricant', quantity: 1, per: 'corner' },
    ],
    measures: ['pads', 'heat'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      ...atEach(
        corners,
        'proud',
        'caliper off with its hose on, pistons pressed proud',
        'Slowly with the pedal, a wood block between: all of them loose and none dropped out. Hands clear of the block.',
        { tool: 'Helper, wood block', cautions: ['dust', 'glasses'] },
      ),
      propPedal,
      ...atEach(
        corners,
        'off',
        'hose off, caliper to the bench',
        'Banjo cracked loose before the caliper leaves the car, the pipe’s end held by a second spanner. Drip tray under, plug in the hose. Pads that met fluid go.',
        { cautions: ['fluid', 'nobody_presses'], tool: 'Two spanners, plug' },
      ),
      ...atEach(
        corners,
        'pistons',
        'pistons out',
        'By hand; one that stayed behind with low air and the wood block, never with fingers in front of it. Note which piston came from which bore: sizes differ.',
        {
          cautions: ['compressed_air', 'glasses'],
        },
      ),
      ...atEach(
        corners,
        'bores',
        'look at bores and pistons',
        'A nick or a pit under the seal is a leak. Clean with fluid or alcohol, nothing that scratches.',
        {
          ask: [
            { value: 'sound', label: 'Sound' },
            { value: 'pitted', label: 'Pitted', trouble: 'pitted' },
          ],
          troubles: [
            {
              id: 'pitted',
              label: 'Pitted bore or piston',
              lines: ['No seal will hold on it. Renew the caliper, and its partner where the maker asks.'],
            },
          ],
        },
      ),
      ...atEach(
        corners,
        'seals',
        'new seals and boots, pistons back in their own bores',
        'Assembly lubricant made for it, pushed in square by hand; a screw-type piston is wound in. Halves stay together unless the maker sells the seal between them. Where a bench can press it, a trial with fluid before it goes back.',
      ),
      ...atEach(
        corners,
        'on',
        'caliper on, hose with new washers',
        'Loose first, then to the maker. Bleeder at the top.',
        { torque: ['caliper_bracket', 'banjo'] },
      ),
      wheelsOn(corners),
      ...rolledOut,
    ],
  },
} as const satisfies Record<string, Procedure>;
