import type { ReactNode } from 'react';

/** What stands before anybody is in: the name of the tool, the shop's, and the way in. */
export function Door({ shop, children }: { shop?: string; children: ReactNode }) {
  return (
    <>
      <header className="blueplate flex min-h-11 items-center gap-4 px-4 desk:px-8">
        <span className="narrow text-lg font-bold text-white">Bavrin</span>
        {shop && <span className="truncate text-small">{shop}</span>}
      </header>
      <main id="main" className="mx-auto max-w-3xl p-4 desk:p-8">
        {children}
      </main>
    </>
  );
}
