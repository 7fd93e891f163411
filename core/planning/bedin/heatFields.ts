/** What is written down where a stage's heat is read. */
export const HEAT_FIELDS = { rotorC: 'rotorC', waitedS: 'waited' } as const;

/** What a phone felt of a slowdown: how hard on average, m/s², and whether the car stood after it. */
export const FELT = { ms2: 'feltBraking', stood: 'stood' } as const;

/** Marks slowdowns that were left out because the rotor was warm enough. */
export const WARM_ENOUGH = 'warmEnough';
