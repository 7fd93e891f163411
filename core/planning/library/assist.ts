import type { Procedure } from '../procedure';
import { outOfLimit } from './figures';
import { assistHelps, firmPedal, holdPedal, portOpen } from './proofs';
import { step } from './step';

/** Jobs on what helps the foot. */
export const ASSIST = {
  booster: {
    label: 'New booster',
    about: 'A diaphragm that holds no vacuum, or gives no help',
    scope: 'car',
    fits: { assist: ['vacuum', 'hydraulic'] },
    touches: ['first_move', 'springs'],
    minutes: 150,
    needs: [{ kind: 'booster', what: 'Booster', quantity: 1, per: 'job' }],
    measures: ['firmness', 'pedal'],
    steps: () => [
      step('Before', 'vacuum', 'Prove the vacuum first', 'At the booster’s own port, engine idling.', {
        measure: { measure: 'pedal', phase: 'before' },
        tool: 'Vacuum gauge',
      }),
      step(
        'Apart',
        'master-aside',
        'Help pumped out, hose off, master aside with its pipes',
        'Support it: bent pipes crack later. Fluid in the booster’s mouth: the master is the next job.',
        {
          cautions: ['assist_pressure', 'fluid'],
        },
      ),
      step('Apart', 'out', 'Rod off the pedal, nuts off, booster out', 'From inside the footwell.', {
        cautions: ['spring_loaded'],
      }),
      step(
        'Fit',
        'rod',
        'Set the output rod',
        'To the maker’s gap against the master: too long and the brakes stay on.',
        {
          tool: 'Depth gauge',
        },
      ),
      step(
        'Fit',
        'in',
        'Booster and master on',
        'New gasket, dry mouth, clip on the rod, lamp switch set again.',
        {
          torque: ['booster_nut', 'master_nut'],
        },
      ),
      assistHelps,
      firmPedal,
      holdPedal,
      portOpen,
    ],
  },
  vacuum_line: {
    label: 'New vacuum hose and check valve',
    about: 'No vacuum reaches a booster that is sound',
    scope: 'car',
    fits: { assist: ['vacuum'] },
    touches: ['first_move'],
    minutes: 30,
    needs: [{ kind: 'other', what: 'Vacuum hose and check valve', quantity: 1, per: 'job' }],
    measures: ['firmness', 'pedal'],
    steps: () => [
      step(
        'Before',
        'listen',
        'Listen along the hose, engine idling',
        'A hiss, a soft place, a valve that blows both ways.',
      ),
      step(
        'Before',
        'gauge-before',
        'Vacuum at the booster as it stands',
        'At its own port, engine idling, then off: the figure before.',
        {
          measure: { measure: 'pedal', phase: 'before' },
        },
      ),
      step(
        'Fit',
        'renew',
        'New hose and valve',
        'The arrow points to the engine. Vacuum hose, not fuel hose: it must not collapse.',
      ),
      step(
        'Proof',
        'gauge',
        'Vacuum at the booster again',
        'Engine idling, then off: it must hold for ten minutes. A pump with a motor of its own is read with that running.',
        {
          measure: { measure: 'pedal', phase: 'after' },
          troubles: [outOfLimit],
          tool: 'Vacuum gauge',
        },
      ),
      assistHelps,
      firmPedal,
      holdPedal,
    ],
  },
  hydraulic_assist: {
    label: 'Restore the hydraulic assist',
    about: 'Fluid, belt or pump, and the leak that took it',
    scope: 'car',
    fits: { assist: ['hydraulic'] },
    touches: ['first_move', 'pressure'],
    minutes: 60,
    needs: [{ kind: 'other', what: 'Assist fluid as the maker names it', quantity: 1, per: 'job' }],
    measures: ['firmness', 'pedal'],
    steps: () => [
      step(
        'Before',
        'let-down',
        'Let the pressure down',
        'Engine off, pressed until the pedal is hard, and then as the maker says; hands clear of the belt.',
        {
          cautions: ['assist_pressure', 'pressure', 'glasses'],
        },
      ),
      step(
        'Apart',
        'leak',
        'Find where it went',
        'Pump, hoses, the booster’s own seal. Topped up over a leak it goes again.',
        {
          cautions: ['fingers'],
          ask: [
            { value: 'found', label: 'Found, and cured' },
            { value: 'belt', label: 'No leak: belt or pump, cured' },
            { value: 'none', label: 'Not found', trouble: 'not-found' },
          ],
          troubles: [
            {
              id: 'not-found',
              label: 'Nobody knows where it went',
              must: true,
              lines: [
                'Filled over an unknown leak it fails on the road. The car stays here until it is found.',
              ],
            },
          ],
        },
      ),
      step(
        'Fit',
        'fill',
        'Fill and bleed as the maker says',
        'Its own fluid: brake fluid ruins it, and the other way round.',
      ),
      assistHelps,
      firmPedal,
      holdPedal,
    ],
  },
} as const satisfies Record<string, Procedure>;
