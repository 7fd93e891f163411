/** The header by which a page learns this answer's nonce. */
export const NONCE = 'x-bavrin-nonce';
/** The header by which a page learns what was asked for, to come back there once somebody is signed in. */
export const AT = 'x-bavrin-at';

/**
 * What a page of the shop may load: its own scripts and styles and nothing from elsewhere. Scripts carry this answer's
 * nonce; styles may stand in the page, since drawings and popovers place themselves that way.
 */
export function contentPolicy(nonce: string): string {
  return [
    "default-src 'self'",
    `script-src 'self' 'nonce-${nonce}' 'strict-dynamic'`,
    "style-src 'self' 'unsafe-inline'",
    "img-src 'self' data: blob:",
    "font-src 'self'",
    "connect-src 'self'",
    "worker-src 'self' blob:",
    "object-src 'none'",
    "base-uri 'none'",
    "form-action 'self'",
    "frame-ancestors 'none'",
  ].join('; ');
}
