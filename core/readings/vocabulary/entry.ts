import type { Fits } from '../../car/fits';

export type FindingStage = 'complaint' | 'history' | 'check';
export type FindingWhere = 'cabin' | 'engine_bay' | 'wheels_on' | 'wheels_off' | 'pit_lane' | 'road';

/** What a complaint is told together with. */
export type ComplaintGroup = 'pedal' | 'when' | 'stop' | 'rest';

/** Everything that is known of one finding but its links to causes (`core/diagnosis/knowledge`). */
export type FindingEntry = {
  id: string;
  stage: FindingStage;
  /** Of a complaint. */
  group?: ComplaintGroup;
  where?: FindingWhere;
  place?: 'corner' | 'axle';
  /** What the car must have for it to be asked. */
  fits?: Fits;
  label: string;
  ask?: string;
  /** The first is the unremarkable one. */
  states: readonly [string, string, ...string[]];
  /** What a mechanic calls a state, where the plain spelling of its id is not that. */
  words?: Readonly<Record<string, string>>;
  /** The test that tells one look from another, by state. Common practice, no source. */
  looks?: Readonly<Record<string, string>>;
  /** What it only makes sense after, when it is so. */
  after?: After;
  /**
   * Several states may hold at one place: each apart from the others, or in an order in which whoever names one would
   * have named what stands out more.
   */
  several?: 'apart' | 'ranked';
  /** Its states are no scale: whoever names one says that it is none of the others (a pull to the left is none to the right). */
  nominal?: true;
  /** States that the unremarkable answer does not speak for: nobody looks there unless told to. */
  unseen?: readonly string[];
  /** Hands-on time for one technician, wheels already off where it needs that. */
  minutes?: number;
  /** What must be at hand. */
  needs?: string;
  /** The reading (a `calc`) that yields it. */
  from?: string;
  /** How it is done at the car, and what not to be fooled by. Common practice, no source. */
  how?: string;
  /** Not asked again after the work: it is the work itself. */
  repeats?: false;
  /**
   * How often each state turns up with none of the listed causes behind it: a complaint out of nowhere (rare), a false
   * alarm of a check, and for history and wear the plain base rate among cars. False alarms of direct sights are not
   * here: they follow from how sure the method is (`core/diagnosis/knowledge/sights.ts`). Common practice, no source.
   */
  leak?: Readonly<Record<string, number>>;
};

/**
 * A question that follows from answers: it is asked after any of them. `folds`: it tells of that answer how it was, so
 * the two are judged as one question of several states.
 */
export type After = { any: readonly (readonly [finding: string, ...states: string[]])[]; folds?: true };
