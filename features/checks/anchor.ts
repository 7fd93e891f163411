/** Where on the checks page a check stands. */
export function checkAnchor(finding: string): string {
  return `check-${finding}`;
}
