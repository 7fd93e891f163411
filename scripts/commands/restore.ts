import { holdDataFolder } from '../system/lock';
import { fromWhereTheyStand } from '../system/paths';
import { restore } from '../system/restore';
import { Plain, run, say } from '../system/say';
import { countShop, hasSecrets, inWords, isEmpty, withShop } from '../system/shop';
import { fileAndMode } from '../system/whichShop';

await run(async () => {
  const { file, mode } = fileAndMode('restore');
  await holdDataFolder();
  return withShop(mode, 'stops', async (shop) => {
    const before = await countShop(shop.url);
    if (!isEmpty(before)) {
      throw new Plain(
        `this shop already has something in it (${inWords(before)}); a backup is only restored into an empty one. Nothing was changed.`,
      );
    }
    await restore(shop, fromWhereTheyStand(file));
    say(`Restored from ${file}. ${inWords(await countShop(shop.url))}.`);
    if (!(await hasSecrets(shop.url)))
      say('It had no passwords in it: ./bavrin owner NAME lets its owner in, who gives the others theirs.');
    return 0;
  });
});
