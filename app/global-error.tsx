'use client';

import { useComesBack } from '@/features/shell/useComesBack';

/** When not even the frame can be drawn: no styles are certain here, so plain elements only. */
export default function GlobalError({ error }: { error: Error & { digest?: string } }) {
  const onServer = error.digest !== undefined;
  useComesBack(onServer);
  return (
    <html lang="en">
      <body
        style={{
          fontFamily: 'system-ui',
          margin: '3rem auto',
          maxWidth: '40rem',
          padding: '0 1rem',
          lineHeight: 1.5,
        }}
      >
        <h1 style={{ fontSize: '1.9rem', fontWeight: 700, lineHeight: 1.2 }}>
          {onServer ? 'Bavrin cannot reach its database' : 'This page broke'}
        </h1>
        <p style={{ margin: '0.75rem 0 1.25rem' }}>
          {onServer
            ? 'What you entered is kept on this device and is sent when the server answers again, and this page comes back by itself. Nothing is lost.'
            : `Something broke in the page itself (${error.message}). Entries already made are kept and sent when it is open again.`}
        </p>
        <button
          type="button"
          onClick={() => window.location.reload()}
          style={{
            minHeight: 44,
            padding: '0 1rem',
            fontSize: '1rem',
            fontWeight: 600,
            border: '2px solid currentColor',
          }}
        >
          Try again
        </button>
      </body>
    </html>
  );
}
