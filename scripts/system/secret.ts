import { createInterface } from 'node:readline/promises';
import { Writable } from 'node:stream';

/** A secret from the terminal, which does not show it; from a pipe its first line. */
export async function readSecret(question: string): Promise<string> {
  const { stdin, stderr } = process;
  // What is typed would be echoed to the output: it goes nowhere.
  const nowhere = new Writable({ write: (_chunk, _encoding, done) => done() });
  const lines = createInterface({ input: stdin, output: nowhere, terminal: stdin.isTTY === true });
  if (stdin.isTTY) stderr.write(question);
  try {
    for await (const line of lines) return line;
    return '';
  } finally {
    lines.close();
    if (stdin.isTTY) stderr.write('\n');
  }
}
