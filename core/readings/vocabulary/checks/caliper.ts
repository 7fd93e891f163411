import type { FindingEntry } from '../entry';

/** What the caliper slides and pushes with. */
export const CALIPER_CHECKS = [
  {
    id: 'piston_return',
    stage: 'check',
    where: 'wheels_off',
    place: 'corner',
    fits: { brake: 'disc' },
    label: 'Pistons push back smoothly',
    states: ['free', 'stiff'],
    looks: { free: 'Goes back by hand, evenly', stiff: 'Needs a lever, or goes crooked' },
    minutes: 5,
    how: 'Bleeder shut: push each piston back with steady force, the others held, watching the level in the reservoir. Stiff? Open the bleeder with a hose on and push again: free only with it open is the hose, not the piston. Old fluid goes out of the bleeder, not back through the modulator.',
  },
  {
    id: 'slide_pins',
    stage: 'check',
    where: 'wheels_off',
    place: 'corner',
    fits: { caliper: 'sliding' },
    label: 'Slide pins move by hand',
    states: ['free', 'stiff'],
    looks: { free: 'Glides and stays', stiff: 'Jerks, or comes back rusty' },
    minutes: 5,
    how: 'Move the caliper on its pins by hand. It should glide.',
  },
  {
    id: 'caliper_mount',
    stage: 'check',
    where: 'wheels_off',
    place: 'corner',
    fits: { brake: 'disc' },
    label: 'Caliper and bracket bolts',
    states: ['tight', 'loose'],
    looks: {
      tight: 'Nothing moves but what slides; the wrench clicks and no bolt turns',
      loose: 'A bolt turns, is missing, or its head has polished a ring',
    },
    minutes: 3,
    needs: 'torque wrench',
    how: 'Both hands on the caliper, rock it against the upright: only what is meant to slide may move. Then the wrench at the maker’s figure on every bolt of caliper and bracket.',
  },
] as const satisfies readonly FindingEntry[];
