/** The step at which the car goes up and its wheels come off. */
export const LIFT = 'lift';
