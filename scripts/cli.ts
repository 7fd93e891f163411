import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { answerCommand } from './answerCommand';

// Whoever reads may have enough before the end, as `head` has: that is no failure.
for (const stream of [process.stdout, process.stderr])
  stream.on('error', (error: NodeJS.ErrnoException) => {
    if (error.code !== 'EPIPE') throw error;
  });

// A file is named from where the person stands; - is standard input.
const { code, out, err } = answerCommand(process.argv.slice(2), (file) =>
  readFileSync(file === '-' ? 0 : resolve(process.env.BAVRIN_CWD ?? '.', file), 'utf8'),
);
process.stdout.write(out);
process.stderr.write(err);
process.exitCode = code;
