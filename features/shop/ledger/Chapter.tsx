import type { ReactNode } from 'react';

/** A chapter of a job's story; on paper it is not torn in two where it need not be. */
export function Chapter({ title, children }: { title: string; children: ReactNode }) {
  return (
    <section className="mt-5 print:break-inside-avoid">
      <h2 className="mb-1 border-b border-ink text-xl">{title}</h2>
      {children}
    </section>
  );
}
