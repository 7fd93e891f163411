import { ShelfView } from '@/features/shop/shelf/ShelfView';
import { getShelf } from '@/server/shelf/queries';

export const metadata = { title: 'Shelf' };

export default async function ShelfPage() {
  return <ShelfView shelf={await getShelf()} />;
}
