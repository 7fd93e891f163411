import { may } from '@/core/base/people/roles';
import { CalendarPanel } from '@/features/shop/setup/CalendarPanel';
import { SetupForm } from '@/features/shop/setup/SetupForm';
import { SetupForOthers } from '@/features/shop/setup/SetupForOthers';
import { calendarFeed } from '@/server/calendar/feed';
import { actorWith } from '@/server/people/actor';
import { getShop } from '@/server/shop/queries';
import { page } from '../asPerson';

export const metadata = { title: 'Setup' };

export default page('read', async () => {
  if (!may(actorWith('read').role, 'setup')) return <SetupForOthers />;
  const [shop, feed] = await Promise.all([getShop(), calendarFeed()]);
  return (
    <main id="main">
      <SetupForm shop={shop} />
      <CalendarPanel feed={feed} />
    </main>
  );
});
