'use client';

import { Button } from '@/ui/Button';

/** A page that could not be shown. Entries wait in the outbox of this device and are sent when the server is back. */
export default function PageError() {
  return (
    <main id="main" className="mx-auto max-w-2xl p-6">
      <h1 className="text-3xl">This page could not be shown</h1>
      <p className="my-3">
        The server or its database does not answer just now. What you entered is kept on this device and is
        sent when it does; text you were writing is still there when the page comes back.
      </p>
      <Button look="primary" onClick={() => window.location.reload()}>
        Try again
      </Button>
    </main>
  );
}
