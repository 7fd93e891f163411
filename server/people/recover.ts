import { randomUUID } from 'node:crypto';
import { database } from '../db/sql';
import { chosen, keepSecrets } from './secrets';
import { endSessionsOf } from './sessions';

/** Makes somebody an owner with this password, whoever has lost theirs: only a command of the machine itself asks for it. */
export async function makeOwner(name: string, password: string): Promise<'new' | 'known'> {
  const hashes = await chosen({ password, pin: null }, name);
  return database('setup').begin(async (tx) => {
    const [known] = await tx<{ id: string }[]>`
      update people set role = 'owner', version = version + 1
      where lower(name) = lower(${name}) and left_at is null returning id`;
    if (known) {
      await keepSecrets(tx, known.id, hashes);
      await endSessionsOf(tx, known.id);
      return 'known';
    }
    const id = randomUUID();
    await tx`insert into people ${tx({ id, name, role: 'owner' })}`;
    await keepSecrets(tx, id, hashes);
    await tx`delete from first_codes`;
    return 'new';
  });
}
