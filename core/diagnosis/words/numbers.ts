/** Numbers as they are said. */
export const SPELLED: Readonly<Record<string, number>> = {
  ...{ one: 1, two: 2, three: 3, four: 4, five: 5, six: 6, seven: 7, eight: 8, nine: 9, ten: 10 },
  ...{ twelve: 12, fifteen: 15, twenty: 20 },
};
