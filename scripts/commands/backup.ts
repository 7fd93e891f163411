import { backup } from '../system/archive';
import { holdDataFolder } from '../system/lock';
import { fromWhereTheyStand } from '../system/paths';
import { run, say } from '../system/say';
import { countShop, inWords, isEmpty, withShop } from '../system/shop';
import { fileAndMode } from '../system/whichShop';

await run(async () => {
  const { file, mode } = fileAndMode('backup');
  await holdDataFolder();
  return withShop(mode, 'stops', async ({ url }) => {
    const counts = await countShop(url);
    await backup(url, fromWhereTheyStand(file));
    say(`${inWords(counts)}: all of it is in ${file}.`);
    if (isEmpty(counts))
      say(
        `Careful: this shop is empty. For the ${mode === 'demo' ? 'shop' : 'demo'} say --${mode === 'demo' ? 'shop' : 'demo'}.`,
      );
    return 0;
  });
});
