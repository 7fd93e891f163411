import { describe, expect, it } from 'vitest';
import { z } from 'zod';
import { parseWith } from './zod';

describe('one of several forms', () => {
  const schema = z.discriminatedUnion('of', [
    z.strictObject({ of: z.literal('torque'), value: z.number() }),
    z.strictObject({ of: z.literal('sheet'), value: z.string() }),
  ]);

  it('is named by the field that says which it is, with what that takes', () => {
    expect(parseWith(schema, { of: 'torqe', value: 1 })).toEqual({
      ok: false,
      issues: [{ code: 'out_of_range', path: 'of', value: '"torqe"', accepted: 'one of torque, sheet' }],
    });
    expect(parseWith(schema, { value: 1 })).toMatchObject({ issues: [{ path: 'of', value: 'missing' }] });
  });

  it('is held to the form it says it is', () => {
    expect(parseWith(schema, { of: 'torque', value: '1' })).toMatchObject({
      issues: [{ path: 'value', accepted: 'a number is needed' }],
    });
  });
});
