import { restore } from '../system/archive';
import { fromWhereTheyStand } from '../system/paths';
import { stopCluster } from '../system/postgres';
import { Plain, run, say } from '../system/say';
import { isEmpty, lastServed, openShop } from '../system/shop';

await run(async () => {
  const [file, ...rest] = process.argv.slice(2);
  if (!file || rest.length > 0) throw new Plain('usage: ./bavrin restore FILE');
  const shop = await openShop(lastServed()?.mode ?? 'start');
  try {
    if (!(await isEmpty(shop.url))) {
      throw new Plain(
        'this shop already has cars or jobs in it; a backup is only restored into an empty one. Nothing was changed.',
      );
    }
    await restore(shop.url, fromWhereTheyStand(file));
    say(`Restored from ${file}.`);
  } finally {
    if (shop.folder && shop.startedHere) stopCluster(shop.folder);
  }
  return 0;
});
