import { ShelfView } from '@/features/shop/shelf/ShelfView';
import { getShelf } from '@/server/shelf/queries';
import { page } from '../asPerson';

export const metadata = { title: 'Shelf' };

export default page('read', async () => {
  return <ShelfView shelf={await getShelf()} />;
});
