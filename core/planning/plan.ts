import { listed } from '../base/sentence';
import { AXLES, type Axle, axleOf, CORNERS, type Corner, cornersOf } from '../car/corner';
import { regenerates } from '../car/drives';
import { FLUID_CLASSES } from '../car/fluidClasses';
import { padRadiusM } from '../car/hydraulics/room';
import type { CarSpec } from '../car/spec';
import { USUAL_RADII } from '../car/usualRadii';
import { bedInInputFor } from './bedin/input';
import { type BedInPlan, bedInPlan } from './bedin/plan';
import type { BedInInput } from './bedin/schema';
import { bedInSteps } from './bedin/steps';
import { assumedOf, bleedInputFor } from './bleed/input';
import { type BleedPlan, bleedPlan } from './bleed/plan';
import type { BleedInput } from './bleed/schema';
import { bleedSteps } from './bleed/steps';
import type { BleedWays } from './bleed/ways';
import { springCount, springDrag, topSpeedLoss, USUAL_SPRING } from './knockback/springs';
import type { Known } from './known';
import { LIBRARY_VERSION, PROCEDURES, type ProcedureId } from './library';
import { PROP } from './library/car';
import { firmPedal, holdPedal } from './library/proofs';
import { withServiceMode } from './library/service';
import type { WorkOptions } from './options';
import { otherProcedure } from './otherWork';
import { fitsAt, type Procedure } from './procedure';
import { withLookIns } from './run/lookIns';
import type { Step } from './run/step';
import type { PartKind } from './shelf/parts';
import type { Ways } from './ways';

export type PlannedNeed = { kind: PartKind; what: string; quantity: number; axle?: 'front' | 'rear' };

export type WorkPlan = {
  /** Of the library; absent in plans older than it and in work named by hand. */
  procedure?: ProcedureId;
  library?: string;
  corners: Corner[];
  steps: Step[];
  needs: PlannedNeed[];
  warnings: string[];
  tradeOffs: string[];
  bleed?: {
    input: BleedInput;
    plan: BleedPlan;
    fluid: string;
    supplyMl: number;
    /** The lot on the shelf that it begins with, where one was chosen. */
    lot?: string;
    /** What its steps were written by; absent in older plans. */
    ways?: Omit<BleedWays, 'fluid' | 'carIsUp' | 'propped'>;
  };
  bedIn?: { input: BedInInput; plan: BedInPlan; assumed: string[] };
  springs?: {
    count: number;
    forceN: number;
    mu: number;
    /** Of one rotor. */
    dragNm: number;
    powerW: number;
    speedKmh: number;
    /** What all rotors together take off that speed, km/h; not known without the engine's power. */
    lossKmh?: number;
  };
};

/** What is to be done, where, and how this once; the title counts where it is named by hand. */
export type WorkRequest = {
  procedure: ProcedureId | 'other';
  title?: string;
  corners: readonly Corner[];
  options: WorkOptions;
};

/** A job as a plan for this car, with the shop's ways and what was chosen for this once. */
export function planWork(car: CarSpec, ways: Ways, known: Known, request: WorkRequest): WorkPlan {
  const procedure = procedureOf(request);
  const corners = cornersFor(procedure, car, request.corners);
  const axles = AXLES.filter((axle) => corners.some((corner) => axleOf(corner) === axle));
  const own = procedure.steps({ car, corners, axles });
  const bleed = procedure.bleed ? bleedFor(car, ways, known, procedure, request, corners) : undefined;
  const bedIn =
    request.procedure === 'bed_in' || procedure.bedIn
      ? bedInFor(car, ways, { axle: axleToBed(car, axles), ...request.options.bedIn })
      : undefined;
  return {
    ...(request.procedure === 'other' ? {} : { procedure: request.procedure, library: LIBRARY_VERSION }),
    corners,
    steps: withLookIns(
      withServiceMode(car, leakLookBeforeWheels(stepsOf(request.procedure, car, own, bleed, bedIn))),
      corners,
      known.lookedIn,
    ),
    needs: needsOf(procedure, car, corners, axles, bleed),
    warnings: [
      ...(bleed
        ? [...stuckWarning(known, bleed), ...bleed.plan.warnings, ...assumedOf(car, bleed.input)]
        : []),
      ...(bedIn?.plan.warnings ?? []),
    ],
    tradeOffs: [...(procedure.tradeOffs ?? [])],
    ...(bleed ? { bleed } : {}),
    ...(bedIn ? { bedIn } : {}),
    ...(request.procedure === 'knockback_kit' ? { springs: springsFor(car, corners, request.options) } : {}),
  };
}

/** The job that is asked for. */
export function procedureOf({
  procedure,
  title = 'The work',
  options,
}: Pick<WorkRequest, 'procedure' | 'title' | 'options'>): Procedure {
  return procedure === 'other' ? otherProcedure(title, options.touches ?? []) : PROCEDURES[procedure];
}

/**
 * The corners a job takes in: the whole car, pairs on an axle, or just those that are wrong. Only where the brake is of
 * the kind the job is done on; asked for nowhere that fits, the first axle that does.
 */
function cornersFor(procedure: Procedure, car: CarSpec, asked: readonly Corner[]): Corner[] {
  const { scope } = procedure;
  if (scope === 'car') return [...CORNERS];
  const fits = (corner: Corner) => fitsAt(procedure, car, corner);
  const fitting = asked.filter(fits);
  const wanted =
    fitting.length > 0 ? fitting : cornersOf(AXLES.find((axle) => fits(cornersOf(axle)[0]!)) ?? 'front');
  if (scope === 'corner') return CORNERS.filter((corner) => wanted.includes(corner));
  return CORNERS.filter((corner) => wanted.some((each) => axleOf(each) === axleOf(corner)));
}

function bleedFor(
  car: CarSpec,
  ways: Ways,
  known: Known,
  { scope, bleed: purpose, bleedShare }: Procedure,
  { options }: WorkRequest,
  corners: Corner[],
): NonNullable<WorkPlan['bleed']> {
  const input = bleedInputFor(car, ways, options.bleed ?? {}, {
    opened: purpose !== 'flush' || known.opened,
    softAfterBleed: known.softAfterBleed || purpose === 'modulator',
    // What ran clear last time says nothing of lines that are dry, or full of new fluid.
    ...(bleedShare !== undefined
      ? { share: bleedShare }
      : known.clearAtMl
        ? { clearAtMl: known.clearAtMl }
        : {}),
    ...(scope === 'car' ? {} : { corners }),
  });
  const plan = bleedPlan(input);
  const fluid = car.fluidClass ? FLUID_CLASSES[car.fluidClass].label : 'the class on the cap';
  const { lot } = options.bleed ?? {};
  return {
    input,
    plan,
    fluid,
    supplyMl: plan.bottles * input.bottleMl,
    ...(lot ? { lot } : {}),
    ways: {
      purpose: purpose!,
      reservoir: options.bleed?.reservoir ?? ways.reservoirSchool,
      strainer: options.bleed?.strainer ?? ways.strainerSchool,
    },
  };
}

/** A bleeder that will not turn is dealt with before the pot is filled. */
function stuckWarning({ stuckBleeders = [] }: Known, { plan }: NonNullable<WorkPlan['bleed']>): string[] {
  const stuck = stuckBleeders.filter((corner) => plan.order.some((row) => row.corner === corner));
  if (stuck.length === 0) return [];
  return [
    `${listed(stuck)}: the bleeder will not turn. Soak it the evening before; a new screw or a caliper at hand before anything is opened.`,
  ];
}

/** Where the new faces are: on the axles the work is on that have discs. */
function axleToBed(car: CarSpec, axles: readonly Axle[]): Axle | 'both' {
  const discs = axles.filter((axle) => car[axle].brake === 'disc');
  return discs.length > 1 ? 'both' : (discs[0] ?? 'front');
}

function bedInFor(
  car: CarSpec,
  ways: Ways,
  chosen: NonNullable<WorkOptions['bedIn']>,
): NonNullable<WorkPlan['bedIn']> {
  const { input, assumed } = bedInInputFor(car, ways, chosen);
  return { input, plan: bedInPlan(input), assumed };
}

/** The corners with new faces: of the axle that is bedded, those with discs. */
function newFaces(car: CarSpec, { axle = 'both' }: BedInInput): Corner[] {
  return CORNERS.filter((corner) => {
    const at = axleOf(corner);
    return (axle === 'both' || axle === at) && car[at].brake === 'disc';
  });
}

/** The job's own steps with the bleed before the wheels go on, or the drive that is the job. */
function stepsOf(
  id: WorkRequest['procedure'],
  car: CarSpec,
  own: Step[],
  bleed: WorkPlan['bleed'],
  bedIn: WorkPlan['bedIn'],
): Step[] {
  if (id === 'bed_in')
    return bedInSteps(bedIn!.plan, { regenerates: regenerates(car), corners: newFaces(car, bedIn!.input) });
  if (!bleed) return own;
  const steps = stepsOfBleed(bleed, {
    carIsUp: own.some((step) => step.id === 'lift'),
    propped: own.some((step) => step.id === PROP),
  });
  // What the bleed does itself (the level, the wheels) is not done twice.
  const bled = new Set(steps.map((step) => step.id));
  const before = own.filter((step) => step.part !== 'Proof' && !bled.has(step.id));
  const proof = own.filter((step) => step.part === 'Proof');
  // Where parts come off first, bottles and hose are there before a line is open; only cap and reservoir wait.
  const opens = before.findIndex(({ part }) => part === 'Apart' || part === 'Fit');
  const kit = opens < 0 ? [] : steps.filter((step) => step.id === KIT);
  const rest = steps.filter((step) => !kit.includes(step));
  const at = Math.max(0, opens);
  return [
    ...before.slice(0, at),
    ...kit,
    ...before.slice(at),
    ...rest,
    ...(proof.length > 0 ? proof : [firmPedal, holdPedal]),
  ];
}

/** The steps of a bleed as it was planned, on a car as the work before it leaves it. */
export function stepsOfBleed(
  bleed: NonNullable<WorkPlan['bleed']>,
  car: Pick<BleedWays, 'carIsUp' | 'propped'>,
): Step[] {
  return bleedSteps(bleed.input, bleed.plan, { ...bleed.ways!, fluid: bleed.fluid, ...car });
}

/** The step of a bleed at which what it takes is laid out. */
const KIT = 'kit';

/**
 * The look for wet spots under pressure comes while the wheels are off and everything can be seen: where a run holds the
 * pedal, firm pedal and hold go before the wheels.
 */
export function leakLookBeforeWheels(steps: Step[]): Step[] {
  const wheels = steps.findIndex((step) => step.id === 'wheels');
  const hold = steps.findIndex((step) => step.id === 'hold');
  if (wheels < 0 || hold < wheels) return steps;
  // What is felt at the rotor by hand is felt while it can be reached.
  const still = steps
    .slice(wheels)
    .filter(({ id, wheelsOff }) => id === 'firm' || id === 'hold' || wheelsOff);
  return [
    ...steps.slice(0, wheels),
    ...still,
    ...steps.slice(wheels).filter((step) => !still.includes(step)),
  ];
}

function needsOf(
  { needs }: Procedure,
  car: CarSpec,
  corners: readonly Corner[],
  axles: readonly ('front' | 'rear')[],
  bleed: WorkPlan['bleed'],
): PlannedNeed[] {
  const fluid: PlannedNeed[] = bleed
    ? [
        {
          kind: 'fluid',
          what: `${bleed.fluid}, ${bleed.input.bottleMl} ml`,
          quantity: bleed.plan.bottles,
        },
      ]
    : [];
  const parts = needs.flatMap(({ kind, what, quantity, per }): PlannedNeed[] => {
    if (per === 'job') return [{ kind, what, quantity }];
    return axles.map((axle) => {
      const calipers = corners.filter((corner) => axleOf(corner) === axle).length;
      const each = { axle: 1, corner: calipers, piston: springCount(pistonsOf(car, axle), calipers) }[per];
      return { kind, what, axle, quantity: quantity * each };
    });
  });
  return [...fluid, ...parts];
}

/** Pistons of one caliper; one where nobody has said. */
function pistonsOf(car: CarSpec, axle: Axle): number {
  return Math.max(1, car[axle].pistonsMm.length);
}

function springsFor(
  car: CarSpec,
  corners: readonly Corner[],
  { springs = {} }: WorkOptions,
): NonNullable<WorkPlan['springs']> {
  const axle = axleOf(corners[0] ?? 'FL');
  const pistons = pistonsOf(car, axle);
  const perSide = car[axle].caliper === 'sliding' ? pistons : Math.max(1, Math.round(pistons / 2));
  const forceN = springs.forceN ?? USUAL_SPRING.forceN;
  const mu = springs.mu ?? USUAL_SPRING.mu;
  const speedKmh = springs.speedKmh ?? USUAL_SPRING.speedKmh;
  const { dragNm, powerW } = springDrag({
    forceN,
    perSide,
    mu,
    effectiveRadiusM: padRadiusM(car[axle].rotorRadiusMm ?? USUAL_RADII.rotorMm),
    speedKmh,
    rollingRadiusM: car.tyreRadiusM ?? 0.316,
  });
  const { powerKW } = springs;
  return {
    count: springCount(pistons, corners.length),
    forceN,
    mu,
    dragNm,
    powerW,
    speedKmh,
    ...(powerKW === undefined
      ? {}
      : { lossKmh: topSpeedLoss(powerW * corners.length, powerKW * 1000, speedKmh) }),
  };
}
