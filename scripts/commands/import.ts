import { readFileSync } from 'node:fs';
import { describeIssue } from '../../core/base/issues/issue';
import { readEntries } from '../../core/exchange/casefile/many';
import { closeDatabase } from '../../server/db/sql';
import { importAll } from '../../server/exchange/whole';
import { Failure } from '../../server/failure';
import { COMMAND_LINE, standAs } from '../../server/people/actor';
import { withNamed } from '../system/namedFile';
import { fromWhereTheyStand } from '../system/paths';
import { Plain, run, say } from '../system/say';
import { withShop } from '../system/shop';
import { fileAndMode } from '../system/whichShop';

/** Takes cars' files and cases in, all or none. The shop may be open meanwhile. */
await run(async () => {
  standAs(COMMAND_LINE);
  const { file, mode } = fileAndMode('import');
  const text = withNamed(file, 'read', () => readFileSync(fromWhereTheyStand(file), 'utf8'));
  const entries = readEntries(text);
  if (!entries.ok) throw new Plain(`${file} was not taken: ${entries.issues.map(describeIssue).join('; ')}`);
  return withShop(mode, 'stops', async ({ url }) => {
    process.env.DATABASE_URL = url;
    try {
      const { cars, cases, knownCases } = await importAll(entries.value);
      for (const { name, known, added } of cars)
        say(
          `${name}: ${known ? 'was here; new' : 'new, with'} ${added.jobs} jobs, ${added.events} days on track, ${added.fills} fills, ${added.parts} parts.`,
        );
      if (cases + knownCases > 0) say(`${cases} cases added, ${knownCases} already known.`);
      return 0;
    } catch (error) {
      if (!(error instanceof Failure)) throw error;
      const issues = (error.detail.issues ?? []).map((issue) => `\n  ${describeIssue(issue)}`);
      throw new Plain(`${file} was not taken. ${error.message}${issues.join('')}`);
    } finally {
      await closeDatabase();
    }
  });
});
