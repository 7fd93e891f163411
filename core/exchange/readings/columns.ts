import type { Unit } from '../../base/units/convert';

/** A figure that a column of a table may hold: of which reading it becomes a field, and in what unit. */
type Field = {
  label: string;
  /** What such a column is called in the tables of shops, and in our own. */
  called: RegExp;
  kind: 'look-in' | 'bearing' | 'hub-flex' | 'fluid' | 'heat';
  field: string;
  unit: Unit | '%';
};

/** Figures read at a corner, or of the whole car where nothing is said. */
export const FIGURES = {
  inner: {
    label: 'Inner pad, lowest',
    called: /inner.*pad|pad.*inner/,
    ...{ kind: 'look-in', field: 'innerMm', unit: 'mm' },
  },
  outer: {
    label: 'Outer pad, lowest',
    called: /outer.*pad|pad.*outer|^pads?\b/,
    ...{ kind: 'look-in', field: 'outerMm', unit: 'mm' },
  },
  rotor: {
    label: 'Rotor, thinnest',
    called: /(rotor|disc|disk)(?!.*(peak|temp))/,
    ...{ kind: 'look-in', field: 'rotorMm', unit: 'mm' },
  },
  play: {
    label: 'Bearing play',
    called: /bearing|play/,
    ...{ kind: 'bearing', field: 'playMm', unit: 'mm' },
  },
  flex: { label: 'Hub flex', called: /flex/, ...{ kind: 'hub-flex', field: 'deflectionMm', unit: 'mm' } },
  water: {
    label: 'Water in the fluid',
    called: /water|moist/,
    ...{ kind: 'fluid', field: 'moisturePct', unit: '%' },
  },
  boiling: {
    label: 'Boiling point read',
    called: /boil/,
    ...{ kind: 'fluid', field: 'boilingC', unit: '°C' },
  },
  caliperPeak: {
    label: 'Hottest caliper',
    called: /caliper/,
    ...{ kind: 'heat', field: 'caliperPeakC', unit: '°C' },
  },
  rotorPeak: {
    label: 'Hottest rotor',
    called: /(rotor|disc|disk).*(peak|temp)|peak|temp/,
    ...{ kind: 'heat', field: 'rotorPeakC', unit: '°C' },
  },
} as const satisfies Record<string, Field>;
export type FigureId = keyof typeof FIGURES;
export const FIGURE_IDS = Object.keys(FIGURES) as FigureId[];

/** What says which row it is. */
export const WHICH = {
  day: { label: 'Day', called: /date|^day/ },
  car: { label: 'Car', called: /^(car|vehicle)/ },
  corner: { label: 'Corner', called: /corner|wheel|position|^where/ },
} as const;

export type ColumnId = keyof typeof WHICH | FigureId;
export const COLUMNS: Readonly<Record<ColumnId, { label: string; called: RegExp }>> = {
  ...WHICH,
  ...FIGURES,
};
export const COLUMN_IDS = Object.keys(COLUMNS) as ColumnId[];

/** What each column holds, in order; null where it is left out. */
export type Mapping = readonly (ColumnId | null)[];

/** What columns hold by what they are called: ours by name, others as shops call them; each thing once. */
export function guessMapping(heads: readonly string[]): Mapping {
  const taken = new Set<ColumnId>();
  const found = (head: string): ColumnId | null => {
    const said = head.trim().toLowerCase();
    const open = COLUMN_IDS.filter((id) => !taken.has(id));
    const id =
      open.find((each) => COLUMNS[each].label.toLowerCase() === said.replace(/\s*\([^)]*\)$/, '')) ??
      open.find((each) => COLUMNS[each].called.test(said));
    if (id) taken.add(id);
    return id ?? null;
  };
  return heads.map(found);
}
