import { createHash } from 'node:crypto';
import { notFound } from './failure';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/** An id from an address; what cannot be one is simply not there. */
export function knownId(what: string, id: string): string {
  if (!UUID.test(id)) throw notFound(what, id);
  return id;
}

/** An id that the same content always gets (a version 8 UUID made from its SHA-256). */
export function idFromContent(content: string): string {
  const hex = createHash('sha256').update(content).digest('hex');
  return `${hex.slice(0, 8)}-${hex.slice(8, 12)}-8${hex.slice(13, 16)}-a${hex.slice(17, 20)}-${hex.slice(20, 32)}`;
}
