import { describe, expect, it } from 'vitest';
import { markRefused } from './markRefused';

function marked(issues: { path: string }[], fieldOf?: (path: string) => string | undefined) {
  const errors: Record<string, string> = {};
  const setError = (field: string, { message }: { message?: string }) => {
    errors[field] = message!;
  };
  const full = issues.map((issue) => ({ ...issue, value: '50', accepted: 'at least 100' }));
  markRefused(
    { setError },
    { code: 'invalid', message: 'Some of that cannot be right.', issues: full },
    fieldOf,
  );
  return errors;
}

describe('what was refused', () => {
  it('stands at its field, and nowhere else', () => {
    expect(marked([{ path: 'catchMl' }, { path: 'limits.runoutMm' }])).toEqual({
      catchMl: '50 is not taken: at least 100',
      'limits.runoutMm': '50 is not taken: at least 100',
    });
  });

  it('is said of the whole where it names no field', () => {
    expect(marked([])).toEqual({ root: 'Some of that cannot be right.' });
  });

  it('is said of the whole, by the server’s name for it, where the form has no such field', () => {
    const fieldOf = (path: string) => (path === 'pistonsMm[1]' ? 'pistons' : undefined);
    expect(marked([{ path: 'pistonsMm[1]' }, { path: 'carId' }], fieldOf)).toEqual({
      pistons: '50 is not taken: at least 100',
      root: 'Some of that cannot be right. carId: 50 is not taken: at least 100.',
    });
  });
});
