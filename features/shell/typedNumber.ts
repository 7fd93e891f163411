/** A plain number as it was typed, with a comma or a point; null where nothing was, and no number where it is none. */
export function typedNumber(text: string): number | null {
  return text.trim() === '' ? null : Number(text.trim().replace(',', '.'));
}

/** The same as a form sends it: what is no number goes as it was typed, so that its refusal says what it was. */
export function sentNumber(text: string): number | string | null {
  const number = typedNumber(text);
  return Number.isNaN(number) ? text.trim() : number;
}
