const LABELS: Record<string, string> = {
  fluid: 'Fluid',
  'pedal-ratio': 'Pedal ratio',
  pedal: 'Pedal',
  rotor: 'Rotor',
  reindex: 'Hub face',
  pads: 'Pads',
  bearing: 'Bearing play',
  'hub-flex': 'Hub flex',
  drum: 'Drum',
  heat: 'Heat',
  judder: 'Judder',
};

/** What the shop calls a kind of reading. */
export function readingLabel(kind: string): string {
  return LABELS[kind] ?? kind;
}
