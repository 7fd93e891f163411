import { notFound } from './failure';

const UUID = /^[0-9a-f]{8}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{4}-[0-9a-f]{12}$/;

/** An id from an address; what cannot be one is simply not there. */
export function knownId(what: string, id: string): string {
  if (!UUID.test(id)) throw notFound(what, id);
  return id;
}
