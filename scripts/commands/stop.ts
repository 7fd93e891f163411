import { clusterFolder, stopCluster } from '../system/postgres';
import { run, say } from '../system/say';
import { forgetServed, lastServed } from '../system/shop';
import { endServer } from '../system/web';

await run(async () => {
  const served = lastServed();
  const server = served !== undefined && endServer(served.pid);
  // A server of somebody else's (DATABASE_URL) is not ours to end.
  const database = process.env.DATABASE_URL === undefined && stopCluster(served?.folder ?? clusterFolder());
  forgetServed();
  say(server || database ? 'Ended.' : 'Nothing was running.');
  return 0;
});
