import { SetupForm } from '@/features/shop/setup/SetupForm';
import { getShop } from '@/server/shop/queries';

export const metadata = { title: 'Setup' };

export default async function SetupPage() {
  return <SetupForm shop={await getShop()} />;
}
