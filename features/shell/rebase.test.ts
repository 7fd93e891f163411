import { describe, expect, it } from 'vitest';
import { changedIn, clashesOf, rebased } from './rebase';

const onFile = { name: 'Coupe', note: '', front: { discMm: '330', pistons: '38 34' } };
const typed = { name: 'Coupe', note: 'Weighed', front: { discMm: '332', pistons: '38 34' } };
const meanwhile = { name: 'Red coupe', note: '', front: { discMm: '336', pistons: '40 36' } };

describe('what was typed over what is on file', () => {
  it('stays, and all else is as it is on file by then', () => {
    expect(rebased(typed, onFile, meanwhile)).toEqual({
      name: 'Red coupe',
      note: 'Weighed',
      front: { discMm: '332', pistons: '40 36' },
    });
  });

  it('is said where both were changed, and not where both say the same', () => {
    expect(clashesOf(typed, onFile, meanwhile)).toEqual(['front.discMm']);
    expect(clashesOf(typed, onFile, { ...typed })).toEqual([]);
  });

  it('is told by its fields; one that is on no file counts once something is in it', () => {
    expect(changedIn(typed, onFile)).toEqual(['note', 'front.discMm']);
    expect(changedIn({ ...onFile, measured: { 'front/discMm': 'yes', mass: '' } }, onFile)).toEqual([
      'measured.front/discMm',
    ]);
    expect(changedIn(onFile, onFile)).toEqual([]);
  });
});
