import { parseArgs } from 'node:util';
import { describeIssue } from '../../core/base/issues/issue';
import { closeDatabase } from '../../server/db/sql';
import { Failure } from '../../server/failure';
import { COMMAND_LINE, standAs } from '../../server/people/actor';
import { makeOwner } from '../../server/people/recover';
import { Plain, run, say } from '../system/say';
import { readSecret } from '../system/secret';
import { lastServed, withShop } from '../system/shop';

const USAGE =
  'usage: ./bavrin owner NAME [--demo | --shop]   (the password is asked for, or read from standard input)';

/** Makes somebody the owner, or gives the owner another password: for whoever has the machine itself. */
await run(async () => {
  const { name, mode } = asked();
  standAs(COMMAND_LINE);
  const password = await readSecret('A password for the owner: ');
  return withShop(mode, 'stops', async ({ url }) => {
    process.env.DATABASE_URL = url;
    try {
      const made = await makeOwner(name, password);
      say(
        made === 'new'
          ? `${name} is an owner of this shop.`
          : `${name} is an owner, has that password, and is signed out everywhere.`,
      );
      return 0;
    } catch (error) {
      if (!(error instanceof Failure)) throw error;
      throw new Plain((error.detail.issues ?? []).map(describeIssue).join('; ') || error.message);
    } finally {
      await closeDatabase();
    }
  });
});

function asked(): { name: string; mode: 'demo' | 'start' } {
  try {
    const { values, positionals } = parseArgs({
      options: { demo: { type: 'boolean' }, shop: { type: 'boolean' } },
      allowPositionals: true,
    });
    const name = positionals.join(' ').trim();
    if (name === '' || (values.demo && values.shop)) throw new Plain(USAGE);
    return { name, mode: values.demo ? 'demo' : values.shop ? 'start' : (lastServed()?.mode ?? 'start') };
  } catch (error) {
    throw error instanceof Plain ? error : new Plain(`${(error as Error).message}; ${USAGE}`);
  }
}
