import { AnswersView } from '@/features/shop/ledger/AnswersView';
import { listCars } from '@/server/cars/queries';
import { BACK_WITHIN_DAYS, ledgerAnswers } from '@/server/ledger/answers';
import { readSearch } from '@/server/ledger/queries';
import { page } from '../../asPerson';

export const metadata = { title: 'What it comes to' };

type Props = { searchParams: Promise<Record<string, string | string[] | undefined>> };

export default page('read', async ({ searchParams }: Props) => {
  const search = readSearch(await searchParams);
  const [answers, cars] = await Promise.all([ledgerAnswers(search), listCars()]);
  return (
    <AnswersView
      answers={answers}
      search={search}
      backWithinDays={BACK_WITHIN_DAYS}
      car={cars.find(({ id }) => id === search.car)?.name}
    />
  );
});
