/** What a bleed is done for, and the shop's ways that its steps follow. */
export type BleedWays = {
  purpose: 'flush' | 'opened' | 'modulator';
  fluid: string;
  reservoir: 'draw_out' | 'push_through';
  strainer: 'lift_out' | 'leave_in';
  /** The car already stands on stands: it was opened for the work before. */
  carIsUp: boolean;
  /** The pedal is held down by a prop since the lines were opened. */
  propped: boolean;
};
