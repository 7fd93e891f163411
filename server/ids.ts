import { createHash } from 'node:crypto';
import { showValue } from '../core/base/issues/issue';
import { notFound, refused } from './failure';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/i;

/** An id from an address, in lower case; what cannot be one is simply not there. */
export function knownId(what: string, id: string): string {
  if (!UUID.test(id)) throw notFound(what, id);
  return id.toLowerCase();
}

/** An id that the same content always gets (a version 8 UUID made from its SHA-256). */
export function idFromContent(content: string): string {
  const hex = createHash('sha256').update(content).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}

/** An id made by whoever sends; it must be one. In lower case, as the database has it: one id has one spelling. */
export function newId(id: unknown): string {
  if (typeof id === 'string' && UUID.test(id)) return id.toLowerCase();
  throw refused([
    {
      code: id === undefined ? 'missing' : 'refused',
      path: 'id',
      value: showValue(id),
      accepted: 'a UUID made by the sender',
    },
  ]);
}
