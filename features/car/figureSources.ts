import { atPath, type Origin, type Origins } from '@/core/car/origins';
import type { CarDraft } from './carDraft';

/** The name under which a figure of the form is said to be measured: without the dots that names are nested by. */
export function measuredKey(name: string): string {
  return name.replaceAll('.', '/');
}

/** What the figures of a form may still be: those of the starting set that was put in, of the car as it was opened. */
export type FigureSources = {
  chosen: CarDraft | null;
  onFile?: { draft: CarDraft; origins: Origins };
  /** What was typed before this page was there is told from what is on file, at its field. */
  isLeft?: boolean;
};

/** What of the form has no origin: names and words, and what every car has. */
const NO_FIGURES: readonly string[] = [
  'name',
  'note',
  'kind',
  'measured',
  'torquesNm',
  'ownSheet',
  'brake',
  'makerOrder',
];

/** Where a field of the form stands in a car. */
const specPath = (name: string) => name.replace(/pistons$/, 'pistonsMm');

/**
 * Where a field of the form comes from: said to be measured; still that of the starting set, put in now or when the car
 * was saved; nothing for what was typed, or is empty.
 */
export function originOf(
  name: string,
  value: unknown,
  measured: boolean,
  { chosen, onFile }: FigureSources,
): Origin | undefined {
  if (value === '' || value === undefined) return undefined;
  if (measured) return 'measured';
  const kept = onFile?.origins[specPath(name)] === 'set' && atPath(onFile.draft, name) === value;
  return kept || (chosen !== null && atPath(chosen, name) === value) ? 'set' : undefined;
}

/** Where the figures of a draft come from, by their path in a car. */
export function originsOf(draft: CarDraft, sources: FigureSources): Origins {
  const names = Object.entries(draft).flatMap(([field, value]) =>
    typeof value === 'string' ? [field] : Object.keys(value).map((each) => `${field}.${each}`),
  );
  return Object.fromEntries(
    names
      .filter((name) => !name.split('.').some((part) => NO_FIGURES.includes(part)))
      .flatMap((name) => {
        const measured = draft.measured[measuredKey(name)] === 'yes';
        const origin = originOf(name, atPath(draft, name), measured, sources);
        return origin ? [[specPath(name), origin] as const] : [];
      }),
  );
}
