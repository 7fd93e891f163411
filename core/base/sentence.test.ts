import { expect, it } from 'vitest';
import { asSentence, inSentence, listed, toItsEnd } from './sentence';

it('words begin a sentence or stand within one, with all but their first letter as they are', () => {
  expect(asSentence('front left and FR')).toBe('Front left and FR');
  expect(inSentence('Free the slides FL FR')).toBe('free the slides FL FR');
  expect(inSentence('ABS doing its job')).toBe('ABS doing its job');
  expect(asSentence('')).toBe('');
});

it('a sentence has one mark at its end', () => {
  expect(toItsEnd('Hold a bar against its nose')).toBe('Hold a bar against its nose.');
  expect(['Is there metal enough?', 'Done.', 'Writing …'].map(toItsEnd)).toEqual([
    'Is there metal enough?',
    'Done.',
    'Writing …',
  ]);
});

it('several are told one after another, the last with its word', () => {
  expect(listed(['FL', 'FR', 'RL'])).toBe('FL, FR and RL');
  expect(listed([1, 2], 'or')).toBe('1 or 2');
  expect([listed(['FL']), listed([])]).toEqual(['FL', '']);
});
