import { editDistance } from '../../base/issues/nearest';
import { FIND_KINDS, type FindEntry, type FindKind } from './entry';

/** What a word of the question is worth where it stands (a modelling choice: only their order matters). */
const WORTH = { whole: 6, begins: 4, within: 2, about: 1.5, also: 1, slip: 1 } as const;

/** A word this long may have a slip in it. */
const SLIP_FROM = 4;

type Prepared = { entry: FindEntry; title: string[]; titleText: string; about: string; also: string };

/** Entries made ready to be searched, once for many questions. */
export function prepareSearch(entries: readonly FindEntry[]): Prepared[] {
  return entries.map((entry) => ({
    entry,
    title: wordsOf(entry.title),
    titleText: plain(entry.title),
    about: plain(entry.about),
    also: plain(entry.also ?? ''),
  }));
}

/**
 * What is meant by some words: every word has to be met, in the name, in what is said of it, or in what it is also called; a
 * name before what is only said, a whole word before its beginning, and with equal worth the order of the kinds and of the
 * entries themselves (newest first). A longer word may have one slip where nothing is called so otherwise.
 */
export function search(prepared: readonly Prepared[], question: string, most = 24): FindEntry[] {
  const asked = wordsOf(question);
  if (asked.length === 0) return [];
  const exact = ranked(prepared, asked, false);
  const found = exact.length > 0 ? exact : ranked(prepared, asked, true);
  return found.slice(0, most).map(({ entry }) => entry);
}

function ranked(prepared: readonly Prepared[], asked: readonly string[], slips: boolean) {
  const kinds = Object.keys(FIND_KINDS) as FindKind[];
  return prepared
    .flatMap((each, place) => {
      let worth = 0;
      for (const word of asked) {
        const own = worthOf(each, word, slips);
        if (own === 0) return [];
        worth += own;
      }
      return [{ entry: each.entry, worth, place }];
    })
    .sort(
      (left, right) =>
        right.worth - left.worth ||
        kinds.indexOf(left.entry.kind) - kinds.indexOf(right.entry.kind) ||
        left.place - right.place,
    );
}

function worthOf({ title, titleText, about, also }: Prepared, word: string, slips: boolean): number {
  if (title.includes(word)) return WORTH.whole;
  if (title.some((own) => own.startsWith(word))) return WORTH.begins;
  if (titleText.includes(word)) return WORTH.within;
  if (about.includes(word)) return WORTH.about;
  if (also.includes(word)) return WORTH.also;
  if (
    slips &&
    word.length >= SLIP_FROM &&
    title.some((own) => editDistance(own.slice(0, word.length + 1), word) <= 1)
  )
    return WORTH.slip;
  return 0;
}

function wordsOf(text: string): string[] {
  return plain(text)
    .split(/[^\p{L}\p{N}.]+/u)
    .filter(Boolean);
}

/** Small letters without their marks. */
function plain(text: string): string {
  return text.normalize('NFD').replace(/\p{M}/gu, '').toLowerCase();
}
