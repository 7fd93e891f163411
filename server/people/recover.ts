import { randomUUID } from 'node:crypto';
import { database } from '../db/sql';
import { chosen } from './secrets';
import { endSessionsOf } from './sessions';

/** Makes somebody an owner with this password, whoever has lost theirs: only a command of the machine itself asks for it. */
export async function makeOwner(name: string, password: string): Promise<'new' | 'known'> {
  const hashes = await chosen({ password, pin: null }, name);
  return database('setup').begin(async (tx) => {
    const [known] = await tx`
      update people set ${tx(hashes)}, role = 'owner', version = version + 1
      where lower(name) = lower(${name}) and left_at is null returning id`;
    if (known) {
      await endSessionsOf(tx, known.id);
      return 'known';
    }
    await tx`insert into people ${tx({ id: randomUUID(), name, role: 'owner', ...hashes })}`;
    await tx`delete from first_codes`;
    return 'new';
  });
}
