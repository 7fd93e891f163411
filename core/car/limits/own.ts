/** A limit that the car or its shop sets: the car's before the shop's. Undefined where what is usual holds. */
export function ownLimit<Name extends string>(
  name: Name,
  shop: Partial<Record<Name, number>>,
  car?: number | null,
): { value: number; from: 'car' | 'shop' } | undefined {
  if (car !== null && car !== undefined) return { value: car, from: 'car' };
  const own = shop[name];
  return own === undefined ? undefined : { value: own, from: 'shop' };
}
