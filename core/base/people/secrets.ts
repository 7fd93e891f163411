import type { Issue } from '../issues/issue';

/**
 * Long enough for a secret that is typed rarely. NIST SP 800-63B asks for eight at least, a list of common ones and no rules of what
 * has to be in it; ten is ours.
 */
export const SHORTEST_PASSWORD = 10;
/** Longer ones are no safer, and cost the server. */
const LONGEST_PASSWORD = 200;
export const PIN_DIGITS = 6;

/** What a password has to be, as it stands beside its field. */
export const PASSWORD_RULE = `${SHORTEST_PASSWORD} to ${LONGEST_PASSWORD} characters, any, and none that everybody uses`;
export const PIN_RULE = `${PIN_DIGITS} figures, none that everybody uses`;

/**
 * What is wrong with a password that somebody chooses; a secret is never said again, so no issue shows it.
 * @param isCommon whether it stands on the list of common ones
 * @param name whose it is: no password is its owner's name
 */
export function passwordIssues(
  password: string,
  { isCommon, name }: { isCommon: (password: string) => boolean; name: string },
): Issue[] {
  const length = [...password].length;
  const said = (why: string): Issue[] => [
    { code: 'refused', path: 'password', value: why, accepted: PASSWORD_RULE },
  ];
  if (length < SHORTEST_PASSWORD || length > LONGEST_PASSWORD) return said(`${length} characters`);
  if (isCommon(password.toLowerCase())) return said('One that everybody uses');
  if (name !== '' && password.toLowerCase().includes(name.toLowerCase()))
    return said('One with the name in it');
  return [];
}

/** What is wrong with a PIN that somebody chooses: its form, runs and repetitions that are tried first. */
export function pinIssues(pin: string): Issue[] {
  const said = (why: string): Issue[] => [{ code: 'refused', path: 'pin', value: why, accepted: PIN_RULE }];
  if (!/^\d+$/.test(pin) || pin.length !== PIN_DIGITS) return said(`${pin.length} characters`);
  return isUsual(pin) ? said('One that everybody uses') : [];
}

/** One or two figures over and over, three twice, or counted up or down. */
function isUsual(pin: string): boolean {
  const figures = [...pin].map(Number);
  const steps = figures.slice(1).map((figure, at) => figure - figures[at]!);
  const repeats = [1, 2, 3].some((length) => figures.every((figure, at) => figure === figures[at % length]));
  return repeats || steps.every((step) => step === 1) || steps.every((step) => step === -1);
}
