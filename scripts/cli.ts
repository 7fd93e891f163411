import { readFileSync } from 'node:fs';
import { resolve } from 'node:path';
import { answerCommand } from './answerCommand';

// A file is named from where the person stands; - is standard input.
const { code, out, err } = answerCommand(process.argv.slice(2), (file) =>
  readFileSync(file === '-' ? 0 : resolve(process.env.BAVRIN_CWD ?? '.', file), 'utf8'),
);
process.stdout.write(out);
process.stderr.write(err);
process.exitCode = code;
