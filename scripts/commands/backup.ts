import { backup } from '../system/archive';
import { fromWhereTheyStand } from '../system/paths';
import { stopCluster } from '../system/postgres';
import { Plain, run, say } from '../system/say';
import { lastServed, openShop } from '../system/shop';

await run(async () => {
  const [file, ...rest] = process.argv.slice(2);
  if (!file || rest.length > 0) throw new Plain('usage: ./bavrin backup FILE');
  const shop = await openShop(lastServed()?.mode ?? 'start');
  try {
    backup(shop.url, fromWhereTheyStand(file));
    say(`Everything on file is in ${file}.`);
  } finally {
    if (shop.folder && shop.startedHere) stopCluster(shop.folder);
  }
  return 0;
});
