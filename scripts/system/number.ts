import { Plain } from './say';

/** The number an option was given, or its usual one. @throws Plain naming the option, what was given and the range */
export function wholeNumber(
  text: string | undefined,
  name: string,
  { usual, least, most }: { usual: number; least: number; most: number },
): number {
  if (text === undefined) return usual;
  const number = Number(text);
  if (!Number.isInteger(number) || number < least || number > most)
    throw new Plain(`--${name} is ${text}: a whole number from ${least} to ${most} is accepted`);
  return number;
}
