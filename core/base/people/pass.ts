/** What lets a device send, under their own name, what somebody entered there without a network: a token, and until when the shop takes it. */
export type Pass = { token: string; until: string };

/** The header it is sent in; no page of another site can set it. */
export const PASS_HEADER = 'bavrin-pass';
