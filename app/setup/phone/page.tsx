import { PhoneView } from '@/features/shop/setup/PhoneView';
import { secureDoors } from '@/server/shop/secure';
import { page } from '../../asPerson';

export const metadata = { title: 'A phone' };

export default page('read', () => <PhoneView doors={secureDoors()} />);
