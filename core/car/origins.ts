/** Where a figure of a car on file comes from, when nobody typed it from the maker's papers. */
export const ORIGINS = { set: 'from the starting set', measured: 'measured' } as const;

export type Origin = keyof typeof ORIGINS;

/** By the path of the figure, as `front.rotorNewMm`; what is not here was typed. */
export type Origins = Readonly<Record<string, Origin>>;

/** The value at a path of a car, undefined where there is none. */
export function atPath(of: object, path: string): unknown {
  return path
    .split('.')
    .reduce<unknown>((value, name) => (value as Record<string, unknown> | undefined)?.[name], of);
}
