import { holdDataFolder } from '../system/lock';
import { clusterFolder, stopCluster } from '../system/postgres';
import { run, say } from '../system/say';
import { rememberStopped } from '../system/shop';
import { endServers } from '../system/web';

await run(async () => {
  await holdDataFolder();
  const server = endServers();
  // A server of somebody else's (DATABASE_URL) is not ours to end.
  const database = process.env.DATABASE_URL === undefined && (await stopCluster(clusterFolder()));
  rememberStopped();
  say(server || database ? 'Ended.' : 'Nothing was running.');
  return 0;
});
