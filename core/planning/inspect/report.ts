import { axleOf, CORNERS, type Corner } from '../../car/corner';
import type { CarSpec } from '../../car/spec';
import type { CalcResult } from '../../readings/calc';
import { deriveFindings } from '../../readings/derive';
import { measureOfKind } from '../../readings/measureOf';
import { MEASURES } from '../../readings/measures';
import { type Figures, type Trace, traceOf } from '../../readings/traces';
import { type FindingId, findingOf } from '../../readings/vocabulary/findings';
import { isAbnormal } from '../../readings/vocabulary/several';
import { stateWord } from '../../readings/vocabulary/words';

/** A reading with the day it was taken, and what its calc said of it that day. */
export type ReportedReading = {
  kind: string;
  corner: Corner | '';
  input: Record<string, unknown> | null;
  said?: CalcResult;
  /** ISO date. */
  on: string;
};

/** One line of a report: a figure held against its limit, or what was seen. */
export type ReportLine = {
  id: string;
  what: string;
  /** What it comes to, in the shop's words. */
  state: string;
  isAbnormal: boolean;
  trace?: Trace;
  on: string;
};

/** What was found at one place of a car, and what was not looked at there. */
export type ReportPlace = { place: Corner | ''; lines: ReportLine[]; open: string[] };

export type InspectionReport = { places: ReportPlace[]; found: number; open: number };

/** What a plain inspection reads at a corner, and of the car. */
const AT_A_DISC = [MEASURES.pads.kind, MEASURES.rotor.kind, MEASURES.bearing.kind];
const AT_A_DRUM = [MEASURES.drum.kind, MEASURES.bearing.kind];
const OF_THE_CAR = [MEASURES.fluid.kind];

/**
 * What is known of a car's brakes, place by place: each figure that a limit is held against, the newest of its kind, with the day it was
 * read; what was seen; and what of a plain inspection nobody has read.
 * @param readings the last of each kind at each corner
 */
export function inspectionReport(car: CarSpec, readings: readonly ReportedReading[]): InspectionReport {
  const lines = readings.flatMap(linesOf);
  const places = (['', ...CORNERS] as const).map((place): ReportPlace => {
    const own = lines.filter((line) => line.place === place);
    return {
      place,
      lines: newestOf(own.map(({ place: _, ...line }) => line)),
      open: openAt(car, place, readings),
    };
  });
  return {
    places,
    found: places.flatMap((each) => each.lines).filter((line) => line.isAbnormal).length,
    open: places.reduce((sum, each) => sum + each.open.length, 0),
  };
}

/** Felt on a drive, of a fault that was there then: nothing that is read off a standing car. */
const OF_A_DRIVE: readonly string[] = [MEASURES.judder.kind];

function linesOf({
  kind,
  corner,
  input,
  said,
  on,
}: ReportedReading): (ReportLine & { place: Corner | '' })[] {
  if (input === null || OF_A_DRIVE.includes(kind)) return [];
  const { derived, result } = deriveFindings({ kind, corner, input, said }, 'reading');
  const figures = derived.flatMap(({ id, state, place = '' }) => {
    const at = cornerOf(place);
    if (at === undefined) return [];
    const trace = result && traceOf(kind, id, state, result as Figures, input, place || undefined);
    return [
      {
        ...{ id, what: findingOf(id).label, state: stateWord(id, state), isAbnormal: isAbnormal(id, state) },
        ...{ ...(trace ? { trace } : {}), on, place: at },
      },
    ];
  });
  const seen = measureOfKind(kind)?.seen?.(input) ?? [];
  return seen.length === 0
    ? figures
    : [
        ...figures,
        {
          ...{
            id: `${kind} seen`,
            what: measureOfKind(kind)!.label,
            state: seen.map(({ words }) => words).join(', '),
          },
          ...{ isAbnormal: seen.some(({ isSuspect }) => isSuspect), on, place: corner },
        },
      ];
}

/** Figures of an axle are told by its corners already. */
function cornerOf(place: string): Corner | '' | undefined {
  return place === '' || (CORNERS as readonly string[]).includes(place) ? (place as Corner | '') : undefined;
}

/** Of what was read in two ways the newer stands. */
function newestOf(lines: readonly ReportLine[]): ReportLine[] {
  const newest = new Map<string, ReportLine>();
  for (const line of [...lines].sort((left, right) => left.on.localeCompare(right.on)))
    newest.set(line.id, line);
  const order = (line: ReportLine) => Number(!line.isAbnormal);
  return [...newest.values()].sort((left, right) => order(left) - order(right));
}

function openAt(car: CarSpec, place: Corner | '', readings: readonly ReportedReading[]): string[] {
  const wanted = place === '' ? OF_THE_CAR : car[axleOf(place)].brake === 'drum' ? AT_A_DRUM : AT_A_DISC;
  const covered = (kind: string) => {
    const { covers } = measureOfKind(kind)!;
    return readings.some(
      (each) =>
        each.input !== null && each.corner === place && (each.kind === kind || standsFor(each.kind, covers)),
    );
  };
  return wanted.filter((kind) => !covered(kind)).map((kind) => measureOfKind(kind)!.label);
}

/** A look-in with its figures stands for a look at the pads, not for a dial. */
function standsFor(kind: string, covers: readonly FindingId[]): boolean {
  return kind === MEASURES.lookIn.kind && covers.includes('pad_thickness');
}
