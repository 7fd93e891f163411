import { createHash, randomBytes } from 'node:crypto';
import { dictionary } from '@zxcvbn-ts/language-common';
import argon2 from 'argon2';
import { passwordIssues, pinIssues, SHORTEST_PASSWORD } from '../../core/base/people/secrets';
import type { Sql } from '../db/sql';
import { refused } from '../failure';

/** Argon2id as the OWASP Password Storage Cheat Sheet asks for at the least: 19 MiB, two passes, one lane (from memory). */
const COST = { type: argon2.argon2id, memoryCost: 19_456, timeCost: 2, parallelism: 1 } as const;

/** A hash to keep of a password or PIN. */
function hashSecret(secret: string): Promise<string> {
  return argon2.hash(secret, COST);
}

let nobody: Promise<string> | undefined;

/**
 * Whether a secret is the one behind a hash. Without a hash it takes as long and is never right: how long an answer takes must not
 * tell whether there is such a person.
 */
export async function verifySecret(hash: string | null | undefined, secret: string): Promise<boolean> {
  nobody ??= hashSecret(randomBytes(16).toString('hex'));
  const right = await argon2.verify(hash ?? (await nobody), secret);
  return right && hash !== null && hash !== undefined;
}

let common: Set<string> | undefined;

/** Whether a password is on the list of those that everybody uses. */
function isCommon(password: string): boolean {
  common ??= new Set(
    Object.values(dictionary)
      .flat()
      .map(String)
      .filter((word) => word.length >= SHORTEST_PASSWORD),
  );
  return common.has(password);
}

/** What is kept of somebody's secrets. */
export type Hashes = { passwordHash?: string; pinHash?: string };

/** The hashes of secrets somebody chooses; what is left out stays out. @throws Failure where one cannot be taken */
export async function chosen(
  { password, pin }: { password: string | null; pin: string | null },
  name: string,
): Promise<Hashes> {
  const issues = [
    ...(password === null ? [] : passwordIssues(password, { isCommon, name })),
    ...(pin === null ? [] : pinIssues(pin)),
  ];
  if (issues.length > 0) throw refused(issues);
  return {
    ...(password === null ? {} : { passwordHash: await hashSecret(password) }),
    ...(pin === null ? {} : { pinHash: await hashSecret(pin) }),
  };
}

/** Keeps what somebody chose; what was left out stays as it is. */
export async function keepSecrets(tx: Sql, personId: string, hashes: Hashes): Promise<void> {
  if (Object.keys(hashes).length === 0) return;
  await tx`
    insert into person_secrets ${tx({ personId, ...hashes })}
    on conflict (person_id) do update set ${tx(hashes)}`;
}

/** A token only its holder has: 256 bits, so that its plain hash is as good as itself is secret. */
export function newToken(): string {
  return randomBytes(32).toString('base64url');
}

/** What is kept of a token. */
export function tokenHash(token: string): Buffer {
  return createHash('sha256').update(token).digest();
}
