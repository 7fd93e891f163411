/**
 * Words in lines of so many letters, so many lines at most; what does not fit ends in an ellipsis. A word longer than a
 * line stands on one by itself, cut.
 */
export function linesWithin(text: string, letters: number, most: number): string[] {
  const lines: string[] = [];
  for (const word of text.split(' ')) {
    const longer = lines.length === 0 ? word : `${lines.at(-1)} ${word}`;
    if (lines.length > 0 && longer.length <= letters) lines[lines.length - 1] = longer;
    else lines.push(word);
  }
  const kept = lines.slice(0, most).map((line) => cut(line, letters));
  if (lines.length > most) kept[most - 1] = cut(`${kept[most - 1]} ${lines[most]}`, letters);
  return kept;
}

function cut(line: string, letters: number): string {
  return line.length <= letters ? line : `${line.slice(0, letters - 1).trimEnd()}…`;
}
