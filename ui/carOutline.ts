/** The car from above in a field of 320 by 640, as every drawing of it is scribed. */
export const BODY =
  'M112 62C114 36 134 24 160 24s46 12 48 38l4 84c14 20 16 58 16 96v156c0 40-2 66-12 92l-2 68c-2 22-24 30-54 30s-52-8-54-30l-2-68c-10-26-12-52-12-92V242c0-38 2-76 16-96Z';
export const GLASS =
  'M124 214c20-16 52-16 72 0l-6 44c-18-8-42-8-60 0ZM128 404c18 10 46 10 64 0l4 52c-22 14-50 14-72 0Z';

/** Where the master sits, by the side the car is driven from. */
export const MASTER_X = { left: 124, right: 196 } as const;
export const MASTER_Y = 196;

export const CORNER_IDS = ['FL', 'FR', 'RL', 'RR'] as const;
export type CornerId = (typeof CORNER_IDS)[number];

export type Centre = { x: number; y: number; inward: 1 | -1 };

/** Where the wheels stand, with the axles at these heights. */
export function centresAt(front: number, rear: number): Record<CornerId, Centre> {
  return {
    FL: { x: 66, y: front, inward: 1 },
    FR: { x: 254, y: front, inward: -1 },
    RL: { x: 66, y: rear, inward: 1 },
    RR: { x: 254, y: rear, inward: -1 },
  };
}

/** A brake line from the master to a corner. */
export function brakeLine(driveSide: 'left' | 'right', { x, y, inward }: Centre, id: string): string {
  const master = MASTER_X[driveSide];
  const bend = id.startsWith('F') ? 150 : 330;
  return `M${master} ${MASTER_Y}C${master} ${bend} ${x + inward * 40} ${bend + 30} ${x + inward * 16} ${y + 6}`;
}
