import { notFound } from 'next/navigation';

/** What a page shows, or the not-found page when there is no such thing. */
export async function orNotFound<T>(found: Promise<T>): Promise<T> {
  try {
    return await found;
  } catch (error) {
    if ((error as { code?: string }).code === 'not_found') notFound();
    throw error;
  }
}
