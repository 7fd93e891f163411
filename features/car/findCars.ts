export type NamedCar = { id: string; name: string; note: string };

/** Cars every typed word begins a word of, in name or note; those whose name fits come first. Nothing typed: all. */
export function findCars<T extends Pick<NamedCar, 'name' | 'note'>>(cars: readonly T[], typed: string): T[] {
  const wanted = wordsOf(typed);
  const fits = (text: string) => {
    const own = wordsOf(text);
    return wanted.every((word) => own.some((each) => each.startsWith(word)));
  };
  const byName = cars.filter((car) => fits(car.name));
  return [...byName, ...cars.filter((car) => !byName.includes(car) && fits(`${car.name} ${car.note}`))];
}

/** Letters and figures only, accents aside: a number plate is typed in many ways. */
function wordsOf(text: string): string[] {
  return (
    text
      .normalize('NFD')
      .replace(/\p{M}/gu, '')
      .toLowerCase()
      .match(/[\p{L}\p{N}]+/gu) ?? []
  );
}
