import { open } from '../system/open';
import { run } from '../system/say';

await run(() => open('demo', process.argv.slice(2)));
