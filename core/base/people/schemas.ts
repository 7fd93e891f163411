import { z } from 'zod';
import { uuid } from '../issues/uuid';
import { ROLES } from './roles';

const name = z
  .string()
  .transform((text) => text.trim().replace(/\s+/g, ' '))
  .pipe(z.string().min(1, 'a name').max(80));
/** Told apart from its rules: those want the list of common ones. */
const secret = z.string().max(1000);
const cars = z.array(uuid()).max(200).default([]);

/** The first of a shop, who may do everything; the code stands in the address that its start prints. */
export const firstOwnerSchema = z.strictObject({ code: z.string().max(100), name, password: secret });

/** A sign-in by password; `device` names one that stays in the shop, where a PIN does from then on. */
export const passwordSignInSchema = z.strictObject({
  name: z.string().max(80),
  password: secret,
  device: z.string().trim().max(80).nullable(),
});

export const pinSignInSchema = z.strictObject({ person: uuid(), pin: z.string().max(20) });
export const demoSignInSchema = z.strictObject({ person: uuid() });

/** Goes on as whoever came in on this device while it had no network. */
export const passSignInSchema = z.strictObject({ pass: z.string().max(100) });

/** Somebody new in the shop; the secrets are set with it, or by themselves later. */
export const newPersonSchema = z.strictObject({
  id: uuid(),
  name,
  role: z.enum(ROLES),
  cars,
  password: secret.nullable().default(null),
  pin: z.string().max(20).nullable().default(null),
});

/** What is changed of somebody; a secret left out stays as it is. */
export const personChangesSchema = z.strictObject({
  name,
  role: z.enum(ROLES),
  cars,
  left: z.boolean().default(false),
  password: secret.nullable().default(null),
  pin: z.string().max(20).nullable().default(null),
});

/** One's own secrets, over the password that stands. */
export const ownSecretsSchema = z.strictObject({
  current: secret,
  password: secret.nullable().default(null),
  pin: z.string().max(20).nullable().default(null),
});

/** Ending a device: nobody is signed in on it any more, and no PIN does there. */
export const deviceChangeSchema = z.strictObject({ ended: z.literal(true) });
