/** Addresses in a shop: of jobs looked at in their stages, of a run, a car and a closed job. */
type Of = { checked: string; worked: string; proved: string; run: string; car: string; story: string };

/** A page of every route there is. */
export function screensOf({ checked, worked, proved, run, car, story }: Of): string[] {
  const under = (at: string, ...names: string[]) => names.map((name) => `${at}/${name}`);
  return [
    '/',
    '/job/new',
    ...under(checked, 'complaint', 'checks', 'verdict'),
    `${worked}/work`,
    run,
    `${proved}/proof`,
    car,
    ...under(car, 'edit', 'prepare', 'season', 'report'),
    '/car/new',
    '/ledger',
    ...under('/ledger', 'parts', 'answers', 'readings'),
    story,
    '/shelf',
    '/labels',
    ...under('/bench', 'fluid', 'pedal', 'balance', 'heat'),
    '/setup',
    ...under('/setup', 'people', 'audit', 'phone', 'knowledge', 'calibration'),
    '/sign-in',
  ];
}
