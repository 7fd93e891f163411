/** The four corners of a car, as every sheet in the shop writes them. */
export const CORNERS = ['FL', 'FR', 'RL', 'RR'] as const;
export type Corner = (typeof CORNERS)[number];

/** Corners as they are said. */
export const CORNER_WORDS: Record<Corner, string> = {
  FL: 'front left',
  FR: 'front right',
  RL: 'rear left',
  RR: 'rear right',
};

export const AXLES = ['front', 'rear'] as const;
export type Axle = (typeof AXLES)[number];

/** Where a finding was made: one corner, one axle, or (undefined) the car as a whole. */
export type Place = Corner | Axle;

/** Whether a place is one end of the car, and not a wheel. */
export const isAxle = (place: Place): place is Axle => place === 'front' || place === 'rear';

/** Something for each corner. */
export function byCorner<T>(make: (corner: Corner) => T): Record<Corner, T> {
  return { FL: make('FL'), FR: make('FR'), RL: make('RL'), RR: make('RR') };
}

/** The axle a corner sits on, or the axle itself. */
export function axleOf(place: Place): Axle {
  return place === 'front' || place === 'FL' || place === 'FR' ? 'front' : 'rear';
}

/** The side of the car a corner is on. */
export const sideOf = (corner: Corner): 'left' | 'right' =>
  corner === 'FL' || corner === 'RL' ? 'left' : 'right';

/** The corners a place takes in; the whole car when no place is given. */
export function cornersOf(place: Place | undefined): readonly Corner[] {
  if (place === undefined) return CORNERS;
  if (place === 'front') return ['FL', 'FR'];
  if (place === 'rear') return ['RL', 'RR'];
  return [place];
}

/** Whether what is said of one place speaks for another: an axle for its wheels, the car for all. */
export function speaksFor(said: Place | undefined, asked: Place | undefined): boolean {
  if (said === undefined || said === asked) return true;
  return asked !== undefined && cornersOf(asked).every((corner) => cornersOf(said).includes(corner));
}

/** The other wheel of the same axle. */
export const ACROSS: Readonly<Record<Corner, Corner>> = { FL: 'FR', FR: 'FL', RL: 'RR', RR: 'RL' };
