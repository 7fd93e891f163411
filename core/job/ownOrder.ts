/** Works in the order somebody put them in; those added since come after, as they were added. */
export function inOwnOrder<T extends { id: string }>(works: readonly T[], order: readonly string[]): T[] {
  const places = new Map(order.map((id, place) => [id, place]));
  const placeOf = ({ id }: T) => places.get(id) ?? order.length;
  return [...works].sort((left, right) => placeOf(left) - placeOf(right));
}
