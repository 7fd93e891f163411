import { may } from '@/core/base/people/roles';
import { BackupPanel } from '@/features/shop/setup/BackupPanel';
import { CalendarPanel } from '@/features/shop/setup/CalendarPanel';
import { SetupForm } from '@/features/shop/setup/SetupForm';
import { SetupForOthers } from '@/features/shop/setup/SetupForOthers';
import { calendarFeed } from '@/server/calendar/feed';
import { actorWith } from '@/server/people/actor';
import { lastBackups } from '@/server/shop/backups';
import { getShop } from '@/server/shop/queries';
import { page } from '../asPerson';

export const metadata = { title: 'Setup' };

export default page('read', async () => {
  if (!may(actorWith('read').role, 'setup')) return <SetupForOthers />;
  const [shop, feed, backups] = await Promise.all([getShop(), calendarFeed(), lastBackups()]);
  return (
    <main id="main">
      <SetupForm shop={shop} />
      <CalendarPanel feed={feed} />
      <BackupPanel backups={backups} />
    </main>
  );
});
