import { CORNERS, type Corner } from '../../core/car/corner';
import { startingSet } from '../../core/car/startingSets';
import type { AnswerRow, JobSheet, ReadingRow } from '../../core/job/sheet';
import type { Phase } from '../../core/readings/phase';

let made = 0;
const id = () => `00000000-0000-4000-8000-${String(++made).padStart(12, '0')}`;

/** A moment of one working day, minutes after eight. */
export const at = (minute: number) => new Date(Date.UTC(2026, 4, 2, 8, minute)).toISOString();

/** An empty job sheet of a saloon, to be filled by the test. */
export function emptySheet(changes: Partial<JobSheet> = {}): JobSheet {
  return {
    job: {
      id: id(),
      number: 1,
      carId: id(),
      complaint: '',
      whenWhere: '',
      history: '',
      helper: true,
      wheelsOff: false,
      missing: [],
      place: 'bay',
      neededAt: null,
      summary: '',
      odometerKm: null,
      workOrder: [],
      openedAt: at(0),
      closedAt: null,
      closedBy: null,
      bedInTold: '',
      outcome: null,
      confirmed: [],
      version: 1,
    },
    car: { id: id(), version: 1, ...startingSet('saloon'), name: 'Saloon', driveSide: 'left' },
    answers: [],
    readings: [],
    verdicts: [],
    works: [],
    ticks: [],
    proofs: [],
    proofDrives: [],
    trials: [],
    photos: [],
    setups: [],
    ...changes,
  };
}

type Answer = {
  finding: AnswerRow['finding'];
  state: string | null;
  place?: AnswerRow['place'];
  phase?: Phase;
  replaces?: string;
  minute?: number;
  implied?: true;
};

/** An answer row. */
export function answerRow({
  finding,
  state,
  place = '',
  phase = 'before',
  replaces,
  minute = 1,
  implied,
}: Answer): AnswerRow {
  return {
    id: id(),
    phase,
    finding,
    place,
    state,
    replaces: replaces ?? null,
    why: '',
    recordedAt: at(minute),
    ...(implied ? { implied } : {}),
  };
}

type Read = Pick<ReadingRow, 'kind' | 'corner' | 'input'> & { phase?: Phase; minute?: number };

/** A reading row. */
export function readingRow({ kind, corner, input, phase = 'before', minute = 1 }: Read): ReadingRow {
  return {
    id: id(),
    phase,
    kind,
    corner,
    input,
    entered: {},
    replaces: null,
    why: '',
    recordedAt: at(minute),
  };
}

/** A fluid reading row. */
export function fluidRow(moisturePct: number, phase: Phase = 'before', minute = 1): ReadingRow {
  return readingRow({ kind: 'fluid', corner: '', input: { class: 'DOT4', moisturePct }, phase, minute });
}

const pad = (mm: number) => ({ leading: mm, trailing: mm - 0.2 });
const rotor = {
  runoutMm: [0, 0.02, 0.05, 0.06, 0.05, 0.03, -0.01, -0.02],
  thicknessMm: Array(8).fill(25),
  minimumMm: 24,
};

/** Thirteen readings: rotors and pads of all four corners, three bearings, the fluid and the pedal. */
export function measuredCar(): JobSheet {
  const read = (kind: string, corner: Corner | '', input: Record<string, unknown>) =>
    readingRow({ kind, corner, input });
  return emptySheet({
    readings: [
      ...CORNERS.map((corner) => read('rotor', corner, rotor)),
      ...CORNERS.map((corner) =>
        read('pads', corner, {
          caliper: {},
          newMm: 12,
          minimumMm: 3,
          corners: { [corner]: { inner: pad(7), outer: pad(8) } },
        }),
      ),
      ...CORNERS.slice(0, 3).map((corner) => read('bearing', corner, { playMm: 0.02 })),
      read('fluid', '', { class: 'DOT4', moisturePct: 2.1 }),
      read('pedal', '', { freePlayMm: 5 }),
    ],
  });
}
