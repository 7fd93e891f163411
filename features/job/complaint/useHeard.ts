'use client';

import { useEffect, useState } from 'react';
import type { WordsRead } from '@/core/diagnosis/words/words';
import { wordsAway } from '../../record/judge';

/** Letters this close together are read as one, ms. */
const PAUSE_MS = 120;

/** What words suggest, and the words that it was read from. */
export type Read = { text: string; heard: WordsRead };

/**
 * What the driver's words suggest, read off the main thread as they are typed.
 * @param first what was read before the page came
 */
export function useHeard(text: string, first?: Read): Read | undefined {
  const [read, setRead] = useState(first);
  const known = read?.text;
  useEffect(() => {
    if (text === known) return;
    let wanted = true;
    const timer = setTimeout(
      () =>
        wordsAway(text).then(
          (heard) => wanted && setRead({ text, heard }),
          () => undefined,
        ),
      PAUSE_MS,
    );
    return () => {
      wanted = false;
      clearTimeout(timer);
    };
  }, [text, known]);
  return read;
}
