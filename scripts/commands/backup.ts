import { backup } from '../system/archive';
import { holdDataFolder } from '../system/lock';
import { fromWhereTheyStand } from '../system/paths';
import { run, say } from '../system/say';
import { countShop, inWords, isEmpty, withShop } from '../system/shop';
import { fileAndMode } from '../system/whichShop';

await run(async () => {
  const { file, mode, withSecrets } = fileAndMode('backup');
  await holdDataFolder();
  return withShop(mode, 'stops', async ({ url }) => {
    const counts = await countShop(url);
    await backup(url, fromWhereTheyStand(file), { withSecrets });
    const secrets = withSecrets ? '' : ' Passwords and PINs are not: --with-secrets takes them along.';
    say(`${inWords(counts)}: all of it is in ${file}.${secrets}`);
    if (isEmpty(counts))
      say(
        `Careful: this shop is empty. For the ${mode === 'demo' ? 'shop' : 'demo'} say --${mode === 'demo' ? 'shop' : 'demo'}.`,
      );
    return 0;
  });
});
