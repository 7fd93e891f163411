import { readFileSync } from 'node:fs';
import { join } from 'node:path';
import type { CarTraits } from '../../core/car/traits';
import { diagnose } from '../../core/diagnosis/diagnose';
import { placeFrom } from '../../core/diagnosis/verdict';
import type { CaseFinding } from '../../core/exchange/casefile/schema';
import { onPassingDemo } from '../system/passing';
import { ROOT } from '../system/paths';
import { run } from '../system/say';
import { accuracyFigures } from './accuracy';
import { benchTimes, besideOdex } from './benches';
import { paceOfMachine } from './pace';
import { benchBlockFigures, traceFigures } from './page';
import { paintFigures } from './paint';
import { pairFigures } from './pairs';
import { robustFigures } from './robust';
import { besideEachOther, screenFigures } from './screens';
import { scriptFigures } from './scripts';
import { fillShop, GREAT, TEN_YEARS } from './shops';
import { besideLibrary, fullVerdictTimes, judgedBesideDiagnosed, pastExact } from './speed';
import { middle, spread } from './spread';

/** Figures, printed and not asserted: what one machine does says little about another's limits. */
async function main(): Promise<number> {
  diagnosisFigures();
  console.log(`this machine, just now: ${paceOfMachine()}`);
  for (const [which, times] of Object.entries(fullVerdictTimes()))
    console.log(`full verdict with next checks, 25 findings, warm, ${which}: ${spread(times)}`);
  const { judged, diagnosed } = judgedBesideDiagnosed();
  console.log(
    `a job with 13 readings judged whole: ${spread(judged)}; ${(middle(judged) / middle(diagnosed)).toFixed(2)} times the diagnosis alone`,
  );
  const past = pastExact();
  const near = past.filter(({ within }) => within <= 0.01);
  console.log(
    `past the exact sum, ${past.length} cars with 4 to 8 faults and everything asked: proven within 1 % in ${near.length}, of ${Math.min(...past.map(({ abnormal }) => abnormal))} to ${Math.max(...near.map(({ abnormal }) => abnormal))} abnormal answers, ${spread(past.map(({ ms }) => ms))}`,
  );
  for (const line of besideLibrary()) console.log(`beside a library: ${line}`);
  for (const [what, times] of benchTimes()) console.log(`${what}, warm: ${spread(times)}`);
  console.log(`a session by a general solver: ${besideOdex()}`);
  pairFigures();
  robustFigures();
  accuracyFigures();
  await onPassingDemo('bench', 'error', async (passing) => {
    const { url } = passing;
    const shops = new Map([['demo', await screenFigures('demo', url)]]);
    await fillShop(passing, TEN_YEARS);
    shops.set('ten years', await screenFigures('ten years: 4000 closed jobs, 40,000 readings', url));
    await fillShop(passing, GREAT);
    shops.set('great', await screenFigures('200 cars, 20,000 closed jobs, 1,000,000 readings', url));
    besideEachOther(shops);
    await traceFigures(url);
    await paintFigures(url);
    await benchBlockFigures(url);
    await scriptFigures(url);
  });
  return 0;
}

function diagnosisFigures(): void {
  const { cases } = JSON.parse(readFileSync(join(ROOT, 'tests/cases/diagnosis.json'), 'utf8')) as {
    cases: { case: { car: CarTraits; findings: (CaseFinding & { id: never })[] } }[];
  };
  const questions = cases.map(({ case: { car, findings } }) => ({
    car,
    findings: findings.map((finding) => ({ ...finding, place: placeFrom(finding) })),
  }));
  for (let warm = 0; warm < 10; warm++) for (const question of questions) diagnose(question);
  const times: number[] = [];
  for (let round = 0; round < 20; round++) {
    for (const question of questions) {
      const started = performance.now();
      diagnose(question);
      times.push(performance.now() - started);
    }
  }
  console.log(`diagnosis with next checks, warm: ${spread(times)}`);
}

await run(main);
