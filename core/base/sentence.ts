/** Words as a sentence begins. */
export function asSentence(words: string): string {
  return words.charAt(0).toUpperCase() + words.slice(1);
}

/** Words as they stand within a sentence: but for the first letter as they are, so that corners keep theirs, and ABS its own. */
export function inSentence(words: string): string {
  return /^[A-Z]{2}/.test(words) ? words : words.charAt(0).toLowerCase() + words.slice(1);
}

/** Words as a sentence ends; a question has its mark already. */
export function toItsEnd(words: string): string {
  return /[.?!…]$/.test(words) ? words : `${words}.`;
}

/** Several as one would say them: "FL, FR and RL". */
export function listed(words: readonly (string | number)[], last: 'and' | 'or' = 'and'): string {
  const [end, ...before] = [...words].reverse();
  return before.length === 0 ? String(end ?? '') : `${before.reverse().join(', ')} ${last} ${end}`;
}
