/** Keys that go to a place: the help sheet shows them, the listeners follow them. */
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
