/**
 * The version of the calcs: their rules, and the usual limits they hold figures against. It goes up with every change of
 * what they say (a test knows), and stands beside each reading, which keeps what was said of it.
 */
export const CALCS_VERSION = '2';
