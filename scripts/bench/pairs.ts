import { diagnose } from '../../core/diagnosis/diagnose';
import { familyOf } from '../../core/readings/vocabulary/families';
import { FINDINGS, type Finding } from '../../core/readings/vocabulary/findings';
import { CAR } from './world';

/** Every two complaints of unlike kinds: how much is left to what nobody listed, and what leads. */
export function pairFigures(): void {
  const complaints = (FINDINGS as readonly Finding[]).filter(
    ({ id, stage }) => stage === 'complaint' && familyOf(id),
  );
  const rows = complaints.flatMap((one, at) =>
    complaints.slice(at + 1).map((other) => {
      const findings = [one, other].map(({ id, states }) => ({ id, state: states[1] }));
      const { unlisted, causes } = diagnose({ car: CAR, findings });
      return { pair: `${one.id} + ${other.id}`, unlisted, causes: causes.slice(0, 3) };
    }),
  );
  const per = (chance: number) => `${(chance * 100).toFixed(0)} %`;
  for (const { pair, unlisted, causes } of rows)
    console.log(
      `pair ${pair}: not listed ${per(unlisted)}; ${causes.map(({ id, probability }) => `${id} ${per(probability)}`).join(', ')}`,
    );
  const worst = rows.reduce((most, row) => (row.unlisted > most.unlisted ? row : most));
  console.log(
    `${rows.length} pairs of complaints: at most ${per(worst.unlisted)} not listed (${worst.pair})`,
  );
}
