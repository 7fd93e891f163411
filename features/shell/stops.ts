/** What a question is answered with, and the loud key of a screen. */
const STOPS =
  '[role="radiogroup"], [role="toolbar"], input:not([type="hidden"], [type="radio"], [data-stop] *), select, textarea, [data-stop], [data-loud]';

/** Moves the focus to the next question of the page, or the one before; in a row of keys to the one that is pressed. */
export function goToStop(step: 1 | -1): void {
  const stops = [...document.querySelectorAll<HTMLElement>(`main :is(${STOPS})`)].filter(isInReach);
  const here = document.activeElement;
  const at = stops.findIndex((stop) => stop.contains(here));
  const next = at >= 0 ? stops[at + step] : nearest(stops, here, step);
  const target = next && keyIn(next);
  target?.focus();
  target?.scrollIntoView({ block: 'nearest' });
}

/** Presses the loud key nearest to what has the focus: that of its own part of the page first. */
export function pressLoud(): boolean {
  for (let part = document.activeElement; part; part = part.parentElement) {
    const loud = [...part.querySelectorAll<HTMLElement>('[data-loud]')].find(isInReach);
    if (loud?.closest('main')) {
      loud.click();
      return true;
    }
    if (part.matches('main')) break;
  }
  const first = [...document.querySelectorAll<HTMLElement>('main [data-loud]')].find(isInReach);
  first?.click();
  return first !== undefined;
}

function isInReach(element: HTMLElement): boolean {
  return element.getClientRects().length > 0 && !element.matches(':disabled, [aria-hidden="true"]');
}

/** The first stop after what has the focus, or the last before it; from nowhere the first of all. */
function nearest(stops: readonly HTMLElement[], here: Element | null, step: 1 | -1): HTMLElement | undefined {
  if (!here || here === document.body) return stops[0];
  const side = step === 1 ? Node.DOCUMENT_POSITION_FOLLOWING : Node.DOCUMENT_POSITION_PRECEDING;
  const there = stops.filter((stop) => here.compareDocumentPosition(stop) & side);
  return step === 1 ? (there[0] ?? stops[0]) : there.at(-1);
}

/** A row of keys is entered at the one that is pressed; anything else takes the focus itself. */
function keyIn(stop: HTMLElement): HTMLElement | null {
  if (!stop.matches('div')) return stop;
  return (
    stop.querySelector<HTMLElement>('[data-state="on"], [aria-checked="true"], input:checked') ??
    stop.querySelector<HTMLElement>('button:not(:disabled), input:not(:disabled)')
  );
}
