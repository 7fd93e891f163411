import { open } from '../system/open';
import { run } from '../system/say';

await run(() => open('start', process.argv.slice(2)));
