/** A plain number as it was typed, with a comma or a point; null where nothing was, and no number where it is none. */
export function typedNumber(text: string): number | null {
  return text.trim() === '' ? null : Number(text.trim().replace(',', '.'));
}
