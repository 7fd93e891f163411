import { CalendarPanel } from '@/features/shop/setup/CalendarPanel';
import { SetupForm } from '@/features/shop/setup/SetupForm';
import { calendarFeed } from '@/server/calendar/feed';
import { getShop } from '@/server/shop/queries';

export const metadata = { title: 'Setup' };

export default async function SetupPage() {
  const [shop, feed] = await Promise.all([getShop(), calendarFeed()]);
  return (
    <main id="main">
      <SetupForm shop={shop} />
      <CalendarPanel feed={feed} />
    </main>
  );
}
