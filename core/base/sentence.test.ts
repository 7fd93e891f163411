import { expect, it } from 'vitest';
import { asSentence, inSentence } from './sentence';

it('words begin a sentence or stand within one, with all but their first letter as they are', () => {
  expect(asSentence('front left and FR')).toBe('Front left and FR');
  expect(inSentence('Free the slides FL FR')).toBe('free the slides FL FR');
  expect(asSentence('')).toBe('');
});
