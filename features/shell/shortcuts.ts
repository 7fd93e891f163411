/** Every key that does something, in one table: the help sheet shows it, the listeners follow it. */
export const GO_KEYS = [
  { keys: 'g b', does: 'Bay', href: '/' },
  { keys: 'g n', does: 'New complaint', href: '/job/new' },
  { keys: 'g l', does: 'Ledger', href: '/ledger' },
  { keys: 'g f', does: 'Bench, fluid', href: '/bench/fluid' },
  { keys: 'g a', does: 'Bench, balance', href: '/bench/balance' },
  { keys: 'g t', does: 'Bench, heat (temperatures)', href: '/bench/heat' },
  { keys: 'g p', does: 'Bench, pedal', href: '/bench/pedal' },
  { keys: 'g h', does: 'Shelf', href: '/shelf' },
  { keys: 'g s', does: 'Setup', href: '/setup' },
] as const;

export const STAGE_KEYS = [
  { key: 'c', stage: 'complaint', does: 'Complaint' },
  { key: 'k', stage: 'checks', does: 'Checks' },
  { key: 'v', stage: 'verdict', does: 'Verdict' },
  { key: 'w', stage: 'work', does: 'Work' },
  { key: 'p', stage: 'proof', does: 'Proof' },
] as const;

export const OTHER_KEYS = [
  { keys: '. ,', does: 'To the next question, to the one before; in a field with Ctrl' },
  { keys: 'Ctrl Enter', does: 'Press the loud key: take the reading, start, close' },
  { keys: 'h', does: 'At the complaint: take the first of what was heard in the words' },
  { keys: 'n', does: 'In a job: to the check worth doing next' },
  { keys: '1 … 9', does: 'On a row of choices, or at a check of a run: press that one' },
  { keys: '← →', does: 'On a row of choices: move along it' },
  { keys: 'Enter', does: 'In a run: this is done, the next step' },
  { keys: 't o', does: 'In a run: start its clock; timed by another clock' },
  { keys: 'f', does: 'Find anything: from a field with Ctrl K' },
  { keys: '/', does: 'In the ledger: to the search' },
  { keys: '?', does: 'This sheet' },
  { keys: 'Esc', does: 'Close what lies over the page; leave a field, so that keys are keys again' },
] as const;
