import type { CarTraits } from '../../core/car/traits';
import type { GivenFinding } from '../../core/readings/given';

/** "pedal_spongy yes; bearing_play excess FR" as answers. */
export function answersFrom(words: string): GivenFinding[] {
  return words.split('; ').map((each) => {
    const [id, state, place] = each.split(' ') as [GivenFinding['id'], string, GivenFinding['place']];
    return { id, state, ...(place ? { place } : {}) };
  });
}

/** A road car: vacuum booster, modulator, sliding calipers on one-piece rotors. */
export const SALOON: CarTraits = {
  booster: true,
  assist: 'vacuum',
  stabilityControl: true,
  rearBrake: 'disc',
  caliper: { front: 'sliding', rear: 'sliding' },
  rotor: { front: 'one_piece', rear: 'one_piece' },
  parkingBrake: 'in_caliper',
};

/** The same as most case files tell of it: that there is a booster, and nothing of what works it, of rotors or parking brake. */
export const TOLD: CarTraits = {
  booster: true,
  stabilityControl: true,
  rearBrake: 'disc',
  caliper: { front: 'sliding', rear: 'sliding' },
};

/** A track car from a road car: opposed calipers on two-piece rotors in front. */
export const COUPE: CarTraits = {
  ...SALOON,
  caliper: { front: 'opposed', rear: 'sliding' },
  rotor: { front: 'two_piece', rear: 'one_piece' },
};

/** Rear drums. */
export const HATCH: CarTraits = { ...SALOON, rearBrake: 'drum', parkingBrake: 'lever_only' };

/** No help for the foot, no modulator. */
export const BARE: CarTraits = {
  booster: false,
  assist: 'none',
  stabilityControl: false,
  rearBrake: 'disc',
  caliper: { front: 'opposed', rear: 'opposed' },
};
