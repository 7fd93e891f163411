import { redirect } from 'next/navigation';
import { Door } from '@/features/frame/people/Door';
import { FirstOwner } from '@/features/frame/people/FirstOwner';
import { doorOf } from '@/server/people/queries';

export const metadata = { title: 'First time' };

type Props = { searchParams: Promise<{ code?: string }> };

export default async function BeginPage({ searchParams }: Props) {
  const [{ code }, { hasPeople }] = await Promise.all([searchParams, doorOf()]);
  if (hasPeople) redirect('/sign-in');
  if (code) return <FirstOwner code={code} />;
  return (
    <Door>
      <h1 className="text-3xl">This shop has nobody yet</h1>
      <p className="my-3">
        Open the address that its start printed: it carries a code, so that whoever comes by first does not
        own the shop. On the machine itself, <code className="reading">./bavrin owner</code> makes an owner,
        too.
      </p>
    </Door>
  );
}
