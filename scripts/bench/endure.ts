import { onPassingDemo } from '../system/passing';
import { run } from '../system/say';
import { awayFigures } from './away';
import { crowdFigures } from './crowd';
import { killFigures } from './kills';

/** Kills where none are asked for by number: a minute of them. */
const USUAL_KILLS = 60;
const CROWDS = [10, 25, 50, 100, 200];

/** What a shop endures: many at once, and being ended without a warning. Figures, printed and not asserted. */
async function main(): Promise<number> {
  const kills = Number(process.argv[2] ?? USUAL_KILLS);
  await onPassingDemo('endure', 'silent', async ({ url, cluster }) => {
    await crowdFigures(url, CROWDS, 1);
    await crowdFigures(url, CROWDS, 2);
    await awayFigures(url);
    await killFigures(url, cluster, kills);
  });
  return 0;
}

await run(main);
