import { AuditView } from '@/features/shop/people/AuditView';
import { auditPage } from '@/server/people/audit';
import { listPeople } from '@/server/people/queries';
import { page } from '../../asPerson';

export const metadata = { title: 'Who did what' };

type Props = { searchParams: Promise<{ before?: string; who?: string }> };

export default page('setup', async ({ searchParams }: Props) => {
  const { before, who } = await searchParams;
  const people = await listPeople();
  const person = people.find(({ id }) => id === who)?.id;
  const from = Number(before);
  const audit = await auditPage({
    ...(Number.isSafeInteger(from) && from > 0 ? { before: from } : {}),
    ...(person ? { person } : {}),
  });
  return <AuditView audit={audit} people={people.map(({ id, name }) => ({ id, name }))} who={person} />;
});
