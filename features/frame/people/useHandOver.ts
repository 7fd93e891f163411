'use client';

import { useEffect } from 'react';
import { outbox, startOutbox } from '../../queue/page';
import { usePerson, useSignedIn } from '../../shell/PersonContext';
import { atCar, passes } from '../../shell/people';
import { request } from '../../shell/request';
import { useRefresh } from '../../shell/useRefresh';

/** How often it is tried whether the server can be told who is at the car, ms. */
const TRY_MS = 5_000;

/** Tells the outbox of this page who is there. */
export function useOutboxOf(): void {
  const { id, name } = usePerson();
  const signedIn = useSignedIn();
  useEffect(
    () => startOutbox({ signedIn: { id: signedIn.id, name: signedIn.name }, atCar: { id, name } }),
    [id, name, signedIn.id, signedIn.name],
  );
}

/**
 * Once there is a network again, the server is told who took over at the car without one; what whoever was signed in before them left
 * waiting goes first, under their own name. A pass that is open and has nothing to send is closed.
 */
export function useComeBack(): void {
  const refreshPage = useRefresh();
  const person = usePerson();
  const signedIn = useSignedIn();
  const isStandIn = person.id !== signedIn.id;
  useEffect(() => {
    // The server knows: a page that has only just woken does not see who took over yet, and must not forget them.
    if (atCar.snapshot()?.id === signedIn.id) atCar.clear();
    if (!isStandIn) return;
    const tell = async () => {
      const { loaded, writes } = outbox.snapshot();
      const isLeft = writes.some(({ by, refusal }) => by?.id === signedIn.id && !refusal);
      const pass = passes.tokenOf(person.id);
      if (!loaded || isLeft || navigator.onLine === false) return;
      const reply = pass
        ? await request('POST', '/api/sign-in/pass', { pass })
        : { ok: false as const, refusal: { code: 'signed_out' } };
      // The page goes on as it is: what is being typed stays.
      if (reply.ok) refreshPage();
      else if (reply.refusal.code === 'signed_out')
        window.location.assign(`/sign-in?to=${encodeURIComponent(window.location.pathname)}`);
    };
    void tell();
    const timer = setInterval(() => void tell(), TRY_MS);
    return () => clearInterval(timer);
  }, [isStandIn, person.id, signedIn.id, refreshPage]);
  useEffect(
    () =>
      outbox.subscribe(() => {
        const { loaded, writes } = outbox.snapshot();
        if (!loaded) return;
        const used = new Set([atCar.snapshot()?.id, ...writes.map(({ by }) => by?.id)]);
        for (const { id, open } of passes.snapshot())
          if (open !== null && !used.has(id)) void passes.close(id).catch(() => undefined);
      }),
    [],
  );
}
