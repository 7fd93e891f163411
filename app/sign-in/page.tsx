import { redirect } from 'next/navigation';
import { SignIn } from '@/features/frame/people/SignIn';
import { deviceHere } from '@/server/people/here';
import { doorOf, namesToPress } from '@/server/people/queries';

export const metadata = { title: 'Sign in' };

type Props = { searchParams: Promise<{ to?: string }> };

export default async function SignInPage({ searchParams }: Props) {
  const [{ to = '/' }, door, device] = await Promise.all([searchParams, doorOf(), deviceHere()]);
  if (!door.hasPeople) redirect('/begin');
  // Who works here is told to the shop's own devices only.
  const people = door.isDemo || device ? await namesToPress() : [];
  return (
    <SignIn
      shop={door.name}
      isDemo={door.isDemo}
      device={device?.name ?? null}
      people={people}
      to={ours(to)}
    />
  );
}

/** An address of the shop's own, or the bay: nobody is sent elsewhere from here. */
function ours(to: string): string {
  return /^\/(?![/\\])/.test(to) && !to.startsWith('/sign-in') ? to : '/';
}
