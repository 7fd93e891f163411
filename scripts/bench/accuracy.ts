import { CORNERS, type Corner } from '../../core/car/corner';
import type { CarTraits } from '../../core/car/traits';
import { diagnose } from '../../core/diagnosis/diagnose';
import type { GivenFinding } from '../../core/diagnosis/given';
import { minutesFor } from '../../core/diagnosis/hand';
import { type Fault, faultsOf } from '../../core/diagnosis/network/faults';
import { FINDINGS, type Finding, type FindingId } from '../../core/diagnosis/vocabulary/findings';
import { drawAnswer, seeded } from '../../tests/support/drawn';

const CASES = 120;
const AFTER = [0, 3, 6, 10];
const MOST_CHECKS = 10;
const GOAL = 0.9;

const CAR: CarTraits = {
  booster: true,
  assist: 'vacuum',
  stabilityControl: true,
  rearBrake: 'disc',
  caliper: { front: 'opposed', rear: 'sliding' },
  rotor: { front: 'two_piece', rear: 'one_piece' },
  parkingBrake: 'in_caliper',
};

type Step = { rank: number; minutes: number };
type Order = (findings: readonly GivenFinding[]) => { id: FindingId; corner?: Corner } | undefined;

/**
 * How soon the true cause is found when complaint and checks are answered as the knowledge itself says they would be:
 * asking what is recommended, against asking in a fixed order. Says how well the order is chosen, not how true the
 * knowledge is.
 */
export function accuracyFigures(): void {
  const faults = faultsOf(CAR);
  const random = seeded(7);
  const recommended: Step[][] = [];
  const fixed: Step[][] = [];
  for (let made = 0; made < CASES; ) {
    const fault = drawFault(faults, random);
    const complaint = (FINDINGS as readonly Finding[])
      .filter((finding) => finding.stage === 'complaint')
      .map((finding) => drawAnswer(CAR, fault, finding.id, undefined, random))
      .filter((answer) => answer.state !== firstState(answer.id));
    // Nobody brings a car in without a complaint.
    if (complaint.length === 0) continue;
    made += 1;
    const seed = Math.floor(random() * 1e9);
    recommended.push(walk(fault, complaint, recommendedOrder, seeded(seed)));
    fixed.push(walk(fault, complaint, fixedOrder(), seeded(seed)));
  }
  for (const [name, walks] of [
    ['recommended', recommended],
    ['fixed order', fixed],
  ] as const) {
    const shares = AFTER.map((checks) => {
      const at = walks.map((steps) => steps[Math.min(checks, steps.length - 1)]!);
      const share = (top: number) =>
        ((100 * at.filter((step) => step.rank < top).length) / at.length).toFixed(0);
      return `after ${checks}: ${share(1)} % first, ${share(3)} % in three`;
    });
    console.log(`simulated accuracy, ${name} (${CASES} cases): ${shares.join('; ')}`);
  }
  console.log(
    `minutes until the cause is among three in ${GOAL * 100} % of cases: recommended ${minutesTo(recommended)}, fixed ${minutesTo(fixed)}`,
  );
}

function firstState(id: FindingId): string {
  return (FINDINGS as readonly Finding[]).find((finding) => finding.id === id)!.states[0]!;
}

function drawFault(faults: readonly Fault[], random: () => number): Fault {
  const whole = faults.reduce((sum, { prior }) => sum + prior, 0);
  let left = random() * whole;
  return faults.find(({ prior }) => {
    left -= prior;
    return left <= 0;
  })!;
}

function walk(fault: Fault, complaint: GivenFinding[], order: Order, random: () => number): Step[] {
  const findings = [...complaint];
  let minutes = 0;
  const rank = () => diagnose({ car: CAR, findings }).causes.findIndex((cause) => cause.id === fault.cause);
  const steps: Step[] = [{ rank: rank(), minutes: 0 }];
  for (let asked = 0; asked < MOST_CHECKS; asked++) {
    const next = order(findings);
    if (!next) break;
    findings.push(drawAnswer(CAR, fault, next.id, next.corner, random));
    minutes += minutesFor((FINDINGS as readonly Finding[]).find((finding) => finding.id === next.id)!)!;
    steps.push({ rank: rank(), minutes });
  }
  return steps;
}

const recommendedOrder: Order = (findings) => {
  const [next] = diagnose({ car: CAR, findings }).nextChecks;
  // Where no corner stands out, one does as well as another.
  return next && { id: next.id, ...(cornerOf(next.id, next.corner, findings) ?? {}) };
};

/** The checks as they stand in the list, corner after corner, as somebody without advice would go. */
function fixedOrder(): Order {
  const all = (FINDINGS as readonly Finding[])
    .filter((finding) => finding.stage === 'check' && finding.id !== 'after_full_bleed')
    .flatMap((finding) =>
      finding.place === 'corner'
        ? CORNERS.map((corner) => ({ id: finding.id, corner }))
        : [{ id: finding.id }],
    );
  let at = 0;
  return () => all[at++];
}

function cornerOf(id: FindingId, corner: Corner | undefined, findings: readonly GivenFinding[]) {
  const finding = (FINDINGS as readonly Finding[]).find((each) => each.id === id)!;
  if (finding.place !== 'corner') return undefined;
  const open = CORNERS.filter((each) => !findings.some((given) => given.id === id && given.place === each));
  return { corner: corner ?? open[0]! };
}

/** Minutes by which the goal is met and stays met, over all cases. */
function minutesTo(walks: readonly Step[][]): string {
  const moments = [...new Set(walks.flatMap((steps) => steps.map((step) => step.minutes)))].sort(
    (a, b) => a - b,
  );
  const met = moments.find((moment) => {
    const inThree = walks.filter((steps) => {
      const at = steps.filter((step) => step.minutes <= moment).at(-1)!;
      return at.rank < 3;
    });
    return inThree.length / walks.length >= GOAL;
  });
  return met === undefined ? `not within ${MOST_CHECKS} checks` : `${met} min`;
}
