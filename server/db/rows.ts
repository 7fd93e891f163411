import type { Role } from '../../core/base/people/roles';
import type { BenchState } from '../../core/car/benchState';
import type { PhotoRow } from '../../core/car/photos';
import type { Shop } from '../../core/car/shop';
import type { CarSpec } from '../../core/car/spec';
import type { CauseId } from '../../core/diagnosis/causes';
import type { ChangeTrial } from '../../core/job/changeTrial';
import type { AnswerRow, JobHead, JobSheet, ProofRow, ReadingRow, VerdictRow } from '../../core/job/sheet';
import type { CarDue } from '../../core/planning/due/ofCar';
import type { TemporaryRepair } from '../../core/planning/due/temporary';
import type { FillRow } from '../../core/planning/fill/fill';
import type { TrackSetup } from '../../core/planning/knockback/setups';
import type { TickRow, WorkRow } from '../../core/planning/run/rows';
import type { FittedPart } from '../../core/planning/shelf/fitted';
import type { Pour } from '../../core/planning/shelf/pour';
import type { ShelfItem } from '../../core/planning/shelf/shelf';
import type { CarEvent } from '../../core/planning/wear/sessions';
import type { CalcResult } from '../../core/readings/calc';
import type { Tables } from './tables';

/** What only columns of their tables may narrow, and only to what those can hold. */
type Narrows<
  Narrowed extends {
    [T in keyof Narrowed]: T extends keyof Tables
      ? { [C in keyof Narrowed[T]]: C extends keyof Tables[T] ? Tables[T][C] : never }
      : never;
  },
> = Narrowed;

/** What columns hold beyond their type: a text one of a set, a document of a shape; both were checked before they were written. */
type Held = Narrows<{
  audit: { changes: Record<string, [unknown, unknown]> };
  bench_states: Pick<BenchState, 'bench' | 'typed' | 'units'>;
  car_events: Pick<Required<CarEvent>, 'circuit'>;
  car_due: Pick<CarDue, 'wheels'>;
  cars: { clearAtMl: NonNullable<JobSheet['clearAtMl']> } & Pick<CarSpec, 'torquesNm' | 'ownSheet'>;
  confirmed_causes: { cause: CauseId };
  change_trials: Pick<ChangeTrial, 'figure'>;
  fills: Pick<FillRow, 'fluidClass' | 'colour'>;
  findings: Pick<AnswerRow, 'phase' | 'finding' | 'place'>;
  fitted_parts: Pick<FittedPart, 'kind' | 'place' | 'oldWhy' | 'oldMate'>;
  follow_ups: Pick<TemporaryRepair, 'successor'>;
  hold_proofs: Pick<ProofRow, 'hold'>;
  jobs: Pick<JobHead, 'place' | 'outcome'>;
  // A view's columns are never known to be there; these are.
  odometers: { carId: string; odometerM: number; onDay: string };
  people: { role: Role };
  photos: Pick<PhotoRow, 'place' | 'note'>;
  readings: Pick<ReadingRow, 'phase' | 'corner' | 'input' | 'entered'> & { result: CalcResult | null };
  shelf: Pick<ShelfItem, 'kind' | 'fluidClass' | 'colour'>;
  shop: Pick<
    Shop,
    | 'fluidSchool'
    | 'bleedOrder'
    | 'twoBleeders'
    | 'reservoirSchool'
    | 'bleedMethod'
    | 'potSchool'
    | 'strainerSchool'
    | 'bedInSchool'
    | 'dateOrder'
    | 'lengthUnit'
    | 'temperatureUnit'
    | 'pressureUnit'
  >;
  ticks: Pick<TickRow, 'record'>;
  track_setups: Pick<TrackSetup, 'kind'>;
  verdicts: { verdict: Pick<VerdictRow, 'leading'> };
  work_fluid: { pours: Pour[] };
  works: Pick<WorkRow, 'measuredBy'>;
}>;

/** A row of a table as it arrives. */
export type RowOf<T extends keyof Tables> = T extends keyof Held
  ? Omit<Tables[T], keyof Held[T]> & Held[T]
  : Tables[T];
