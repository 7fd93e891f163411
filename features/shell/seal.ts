/** Something sealed with a secret: of no use to who has it and not the secret. */
export type Sealed = { salt: Uint8Array<ArrayBuffer>; iv: Uint8Array<ArrayBuffer>; bytes: ArrayBuffer };

/**
 * How long one try of a secret takes: PBKDF2 with SHA-256, 600,000 rounds, as the OWASP Password Storage Cheat Sheet asks for (from
 * memory). A million PINs are still found in hours by who has copied the device's storage: docs/security.md says so.
 */
const ROUNDS = 600_000;

/** Seals a text (PBKDF2, then AES-GCM). */
export async function seal(text: string, secret: string): Promise<Sealed> {
  const salt = crypto.getRandomValues(new Uint8Array(16));
  const iv = crypto.getRandomValues(new Uint8Array(12));
  const key = await keyOf(secret, salt);
  const bytes = await crypto.subtle.encrypt({ name: 'AES-GCM', iv }, key, new TextEncoder().encode(text));
  return { salt, iv, bytes };
}

/** The text behind a seal; nothing with another secret. */
export async function unseal({ salt, iv, bytes }: Sealed, secret: string): Promise<string | undefined> {
  const key = await keyOf(secret, salt);
  try {
    return new TextDecoder().decode(await crypto.subtle.decrypt({ name: 'AES-GCM', iv }, key, bytes));
  } catch {
    return undefined;
  }
}

async function keyOf(secret: string, salt: Uint8Array<ArrayBuffer>): Promise<CryptoKey> {
  const typed = await crypto.subtle.importKey('raw', new TextEncoder().encode(secret), 'PBKDF2', false, [
    'deriveKey',
  ]);
  return crypto.subtle.deriveKey(
    { name: 'PBKDF2', hash: 'SHA-256', salt, iterations: ROUNDS },
    typed,
    { name: 'AES-GCM', length: 256 },
    false,
    ['encrypt', 'decrypt'],
  );
}
