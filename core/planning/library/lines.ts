import type { Procedure } from '../procedure';
import { carUp, coolFirst, propPedal, wheelsOn } from './car';
import { firmPedal, holdPedal } from './proofs';
import { atEach, cornersInWords, step } from './step';

/** Jobs on pipes and hoses, the unit between them, and the clutch that drinks from the same pot. */
export const LINES = {
  leak_repair: {
    label: 'Repair the leak',
    about: 'The joint, pipe, hose or seal that is wet, and nothing pulled tighter than it should be',
    scope: 'corner',
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move'],
    minutes: 90,
    needs: [{ kind: 'other', what: 'Sealing washers, pipe or hose as found', quantity: 1, per: 'job' }],
    measures: ['firmness', 'pedal'],
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
    measures: ['firmness', 'pedal'],
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
  brake_pipe: {
    label: 'Renew a brake pipe',
    about: 'The whole pipe, the same bore and flare, clipped where it ran',
    scope: 'axle',
    touches: ['lift', 'heat', 'fluid', 'pressure', 'wheels', 'first_move', 'legal'],
    minutes: 150,
    needs: [{ kind: 'other', what: 'Pipe, unions, clips, coating', quantity: 1, per: 'job' }],
    measures: ['firmness', 'pedal'],
    bleed: 'opened',
    steps: ({ corners }) => [
      coolFirst,
      carUp(),
      step(
        'Before',
        'route',
        'Draw the route: clips, bends, what it passes',
        'Length by a string along the old one. Nothing nearer than a hand to the exhaust, nothing that moves.',
      ),
      propPedal,
      step(
        'Apart',
        'pipe-out',
        'Old pipe out, both ends plugged',
        'A union that will not turn is cut behind it, and its seat looked at. The old pipe is the pattern.',
        { cautions: ['fluid', 'glasses'], tool: 'Flare spanners, plugs, tray' },
      ),
      step(
        'Fit',
        'flare',
        'Cut square, unions on first, flared as the old one was',
        'Double or bubble: the wrong one leaks under a hard press. No crack, no lip, blown clear away from the face.',
        {
          cautions: ['glasses'],
          ask: [
            { value: 'same', label: 'The same flare, clean' },
            { value: 'poor', label: 'Cracked or lopsided', trouble: 'poor' },
          ],
          troubles: [
            {
              id: 'poor',
              label: 'A poor flare',
              must: true,
              lines: ['Cut off and made again. A flare that does not seal is not pulled tighter.'],
            },
          ],
        },
      ),
      step(
        'Fit',
        'pipe-in',
        'In its clips, both unions by hand, then tight',
        'Bends no tighter than three times its width. Hand-tight all along before the first spanner.',
        { torque: 'line_union', cautions: ['fluid'], tool: 'Two flare spanners, pipe bender' },
      ),
      step(
        'Fit',
        'coat',
        'Coated where it will rust',
        'Where the law or the maker names a material for pipes, it is that one.',
        { cautions: ['legal'] },
      ),
      wheelsOn(corners),
      firmPedal,
      holdPedal,
    ],
  },
  modulator_unit: {
    label: 'Renew the modulator unit',
    about: 'The anti-lock unit itself, with its coding and its bleed',
    scope: 'car',
    fits: { abs: true },
    touches: ['lift', 'fluid', 'pressure', 'wheels', 'first_move'],
    minutes: 240,
    needs: [{ kind: 'other', what: 'Modulator unit of the same number', quantity: 1, per: 'job' }],
    measures: ['firmness', 'pedal'],
    bleed: 'modulator',
    steps: () => [
      step(
        'Before',
        'codes',
        'Read codes and coding, write them down',
        'Battery on a charger from here to the end. The new unit is nothing without the old one’s coding.',
        {
          tool: 'Scan tool with this car’s routine, battery charger',
          ask: [
            { value: 'kept', label: 'Written down and saved' },
            { value: 'no_tool', label: 'No tool that codes it', trouble: 'no-coding' },
          ],
          troubles: [
            {
              id: 'no-coding',
              label: 'It cannot be coded here',
              must: true,
              lines: ['Nothing is opened yet: a shop with the tool, or a unit coded beforehand.'],
            },
          ],
        },
      ),
      step(
        'Before',
        'supply',
        'Fuses, ground and plug of the unit, measured under load',
        'The pump running or a lamp across it: battery voltage at the plug, under 0.2 V from its ground to the battery. Pins straight, dry, not green.',
        {
          tool: 'Voltmeter, test lamp',
          ask: [
            { value: 'good', label: 'Fed and grounded well' },
            { value: 'bad', label: 'Supply, ground or plug is bad', trouble: 'supply' },
          ],
          troubles: [
            {
              id: 'supply',
              label: 'The unit is not fed',
              must: true,
              lines: [
                'Put right, codes cleared, driven once and read again. The unit stays where the code does not come back.',
              ],
            },
          ],
        },
      ),
      propPedal,
      step(
        'Apart',
        'unions-off',
        'Each pipe marked, off, and plugged at once',
        'Pipe and port by number. Crossed pipes brake the wrong wheel, and nothing shows it standing still.',
        { cautions: ['fluid', 'glasses', 'pressure'], tool: 'Flare spanners, plugs, paint' },
      ),
      step(
        'Fit',
        'unit-in',
        'Unit in on its rubbers, plugs out one by one, pipes on by number',
        'Two turns by hand or they are crossed.',
        {
          torque: 'modulator_union',
          cautions: ['fluid'],
          ask: [
            { value: 'numbers', label: 'Every pipe on its number' },
            { value: 'doubt', label: 'One is in doubt', trouble: 'doubt' },
          ],
          troubles: [
            {
              id: 'doubt',
              label: 'A pipe is in doubt',
              must: true,
              lines: ['Followed by hand to its corner before anything is filled.'],
            },
          ],
        },
      ),
      step(
        'Fit',
        'code',
        'Code it, calibrate its sensors',
        'Steering angle and yaw on a level floor, as the routine says.',
        {
          tool: 'Scan tool',
        },
      ),
      firmPedal,
      holdPedal,
      step(
        'Proof',
        'valves',
        'By the scan tool, wheel by wheel: the right one lets go',
        'Car up, a helper on the pedal, each wheel turned by hand as its valve opens.',
        {
          cautions: ['fingers'],
          wheelsOff: true,
          ask: [
            { value: 'right', label: 'Each lets go in its turn' },
            { value: 'crossed', label: 'Another one lets go', trouble: 'crossed' },
          ],
          troubles: [
            {
              id: 'crossed',
              label: 'Pipes are crossed',
              must: true,
              lines: ['Release, change them over, bleed those corners again.'],
            },
          ],
        },
      ),
    ],
  },
  clutch_line: {
    label: 'Bleed the clutch on the same pot',
    about: 'A hydraulic clutch that drinks from the brake reservoir',
    scope: 'car',
    touches: ['lift', 'fluid', 'first_move'],
    minutes: 30,
    needs: [],
    measures: [],
    steps: () => [
      carUp(),
      step(
        'Before',
        'cap',
        'Clean round the cap, then open it; level up',
        'The feed of the clutch sits higher than the brakes’: it runs dry first.',
        {
          cautions: ['fluid', 'glasses'],
        },
      ),
      step(
        'Fit',
        'slave',
        'Hose on the slave, opened, clean fluid without bubbles',
        'Gravity or pressure first: a clutch pedal pumped on an open line pulls air past its seals.',
        {
          cautions: ['fluid', 'disposal', 'bleeder_snap'],
          torque: 'bleeder',
          record: [
            { id: 'ml', label: 'Out in all', kind: 'amount', unit: 'ml', start: 60, step: 10, most: 500 },
          ],
        },
      ),
      step(
        'Fit',
        'bites',
        'Clutch bites where it did, no creak, no creep in gear',
        'Engine running, first gear, pedal down for ten seconds, brakes held.',
        {
          ask: [
            { value: 'clean', label: 'Clean' },
            { value: 'drags', label: 'It drags', trouble: 'drags' },
          ],
          troubles: [
            {
              id: 'drags',
              label: 'It drags',
              lines: ['Bled once more from below; then the slave’s own seal.'],
            },
          ],
        },
      ),
      step('Finish', 'level', 'Level to the mark, cap clean and on', 'The brakes live from the same pot.', {
        cautions: ['fluid'],
        finds: [{ id: 'reservoir_level', state: 'ok' }],
      }),
      firmPedal,
      holdPedal,
    ],
  },
} as const satisfies Record<string, Procedure>;
