import { describe, expect, it } from 'vitest';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { PICTURES } from './pictures';

describe('what is told by eye', () => {
  it.each(Object.keys(PICTURES) as FindingId[])(
    '%s has a drawing and a test for each of its states',
    (finding) => {
      const states = [...findingOf(finding).states].sort();
      expect(Object.keys(PICTURES[finding]!).sort()).toEqual(states);
      expect(Object.keys(findingOf(finding).looks!).sort()).toEqual(states);
    },
  );
});
