/** Words as a sentence begins. */
export function asSentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Words as they stand within a sentence: but for the first letter as they are, so that corners keep theirs. */
export function inSentence(words: string): string {
  return words.charAt(0).toLowerCase() + words.slice(1);
}
