import type { Metadata } from 'next';
import { headers } from 'next/headers';
import { redirect } from 'next/navigation';
import type { ReactNode } from 'react';
import { may, type Right } from '@/core/base/people/roles';
import { NotYours } from '@/features/frame/people/NotYours';
import { toFailure } from '@/server/db/failures';
import { AT } from '@/server/guard/policy';
import { as } from '@/server/people/actor';
import { signedIn } from '@/server/people/here';

/** A page for whoever has the right to it: nobody is shown anything before they are signed in. */
export function page<P>(right: Right, render: (props: P) => Promise<ReactNode> | ReactNode) {
  return async (props: P): Promise<ReactNode> => {
    const actor = await signedIn();
    if (!actor) redirect(`/sign-in?to=${encodeURIComponent((await headers()).get(AT) ?? '/')}`);
    if (!may(actor.role, right)) return <NotYours role={actor.role} />;
    return as(actor, async () => render(props));
  };
}

/**
 * The title of such a page; where nobody is signed in, or it is not theirs, it has none to tell. One that the database does not give is
 * left out: it comes last, and would take the page away that is there already.
 */
export function title<P>(right: Right, make: (props: P) => Promise<Metadata>) {
  return async (props: P): Promise<Metadata> => {
    try {
      const actor = await signedIn();
      return actor && may(actor.role, right) ? await as(actor, () => make(props)) : {};
    } catch (error) {
      if (toFailure(error)?.code !== 'unavailable') throw error;
      return {};
    }
  };
}
