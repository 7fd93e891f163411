'use client';

import { useEffect, useState } from 'react';
import type { WordsRead } from '@/core/diagnosis/words/words';
import { wordsAway } from '../../record/judge';

/** Letters this close together are read as one, ms. */
const PAUSE_MS = 120;

/** What the driver's words suggest, read off the main thread as they are typed, and the words that it was read from. */
export function useHeard(text: string): { text: string; heard: WordsRead } | undefined {
  const [read, setRead] = useState<{ text: string; heard: WordsRead }>();
  useEffect(() => {
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
  }, [text]);
  return read;
}
