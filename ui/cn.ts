/** Joins class names, leaving out what does not apply. */
export function cn(...names: (string | false | null | undefined)[]): string {
  return names.filter(Boolean).join(' ');
}
