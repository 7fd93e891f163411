import { PeopleView } from '@/features/shop/people/PeopleView';
import { listCars } from '@/server/cars/queries';
import { listDevices } from '@/server/people/devices';
import { doorOf, listPeople } from '@/server/people/queries';
import { page } from '../../asPerson';

export const metadata = { title: 'People and devices' };

export default page('setup', async () => {
  const [people, devices, cars, { isDemo }] = await Promise.all([
    listPeople(),
    listDevices(),
    listCars(),
    doorOf(),
  ]);
  return <PeopleView {...{ people, devices, isDemo }} cars={cars.map(({ id, name }) => ({ id, name }))} />;
});
