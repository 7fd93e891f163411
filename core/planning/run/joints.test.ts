import { describe, expect, it } from 'vitest';
import { jointsDone, jointsOf, jointsRecord, MAKERS_FIGURE } from './joints';

describe('what a step does up', () => {
  const hose = { torque: ['banjo', 'line_union'] } as const;

  it('is written down joint by joint, with the maker’s word where no figure is on file', () => {
    const record = jointsRecord(hose, { banjo: 25 });
    expect(record).toEqual({ torqueBanjo: 25, torqueLineUnion: MAKERS_FIGURE });
    expect(jointsDone(hose, record)).toEqual([
      { joint: 'banjo', torqueNm: 25 },
      { joint: 'line_union', torqueNm: undefined },
    ]);
  });

  it('is one figure where it is one joint, as older records have it', () => {
    expect(jointsRecord({ torque: 'wheel' }, { wheel: 110 })).toEqual({ torque: 110 });
    expect(jointsDone({ torque: 'wheel' }, { torque: 110 })).toEqual([{ joint: 'wheel', torqueNm: 110 }]);
    // A step that has two today was ticked when it had one.
    expect(jointsDone(hose, { torque: 25 })).toEqual([]);
    expect(jointsOf({})).toEqual([]);
  });
});
