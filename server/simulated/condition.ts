import { type Condition, soundCondition } from '../../core/readings/instruments/condition';
import { getCar } from '../cars/queries';
import { database } from '../db/sql';

/** What the simulated instruments find on a car: its hidden condition where it has one, else a sound car. */
export async function conditionOf(carId: string): Promise<Condition> {
  const car = await getCar(carId);
  const [row] = await database('own')`select condition from simulated_conditions where car_id = ${car.id}`;
  return (row?.condition as Condition | undefined) ?? soundCondition(car);
}
