'use client';

import { useComesBack } from '@/features/shell/useComesBack';
import { Button } from '@/ui/Button';

/**
 * A page that could not be shown. What failed on the server comes without words (its digest says where it is logged);
 * what failed in the page itself is another matter, and no waiting mends it.
 */
export default function PageError({ error }: { error: Error & { digest?: string } }) {
  useComesBack(error.digest !== undefined);
  return (
    <main id="main" className="mx-auto max-w-2xl p-6">
      <h1 className="text-3xl">This page could not be shown</h1>
      {error.digest === undefined ? (
        <p className="my-3">
          Something broke in the page itself ({error.message}). Entries already made are sent; text you were
          writing is still there when the page comes back.
        </p>
      ) : (
        <p className="my-3">
          The server or its database does not answer just now. What you entered is kept on this device and is
          sent when it does; text you were writing is still there when the page comes back, which it does by
          itself.
        </p>
      )}
      <Button look="primary" onClick={() => window.location.reload()}>
        Try again
      </Button>
    </main>
  );
}
