import { writeFileSync } from 'node:fs';
import { join } from 'node:path';
import { z } from 'zod';
import { caseSchema } from '../core/exchange/casefile/schema';
import { ROOT } from './system/paths';

/** The open case format as JSON Schema, from the Zod schema that reads it: docs/case.schema.json. */
const schema = {
  $id: 'bavrin-case-1',
  title: 'Bavrin case, version 1',
  ...z.toJSONSchema(caseSchema, { io: 'input' }),
};
const text = `${JSON.stringify(schema, null, 2)}\n`;

if (process.argv.includes('--print')) process.stdout.write(text);
else writeFileSync(join(ROOT, 'docs/case.schema.json'), text);
