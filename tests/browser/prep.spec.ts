import { randomUUID } from 'node:crypto';
import type { APIRequestContext } from '@playwright/test';
import { startingSet } from '../../core/car/startingSets';
import { choose } from './running';
import { expect, saved, test } from './test';

const headers = { 'content-type': 'application/json' };
const day = (ahead: number) => new Date(Date.now() + ahead * 86_400_000).toISOString().slice(0, 10);

async function post(request: APIRequestContext, path: string, data: object): Promise<void> {
  const reply = await request.post(path, { headers, data });
  expect(reply.ok(), `${path}: ${await reply.text()}`).toBe(true);
}

/** A car that ran, was measured since, and goes out again: front pads low, a bearing loose, the fluid read. */
async function ranCar(request: APIRequestContext, name: string): Promise<string> {
  const id = randomUUID();
  const spec = startingSet('light_track');
  await post(request, '/api/cars', { id, ...spec, name, fluidClass: 'DOT4', fluidFilledOn: day(-60) });
  for (const [event, on, sessions] of [
    ['First days', day(-40), 4],
    ['Evening', day(-20), 4],
    ['Autumn days', day(10), 6],
  ] as const)
    await post(request, `/api/cars/${id}/events`, {
      id: randomUUID(),
      name: event,
      onDate: on,
      sessions,
      odometerKm: null,
    });
  const job = randomUUID();
  await post(request, '/api/jobs', { id: job, carId: id, complaint: 'Looked over', neededAt: null });
  const read = (kind: string, corner: string, input: object) =>
    post(request, `/api/jobs/${job}/readings`, {
      ...{ id: randomUUID(), phase: 'before', kind, corner, replaces: null, why: '' },
      input,
    });
  const pad = { leading: 4, trailing: 4.2 };
  for (const corner of ['FL', 'FR'])
    await read('pads', corner, {
      caliper: {},
      newMm: 12,
      minimumMm: 3,
      corners: { [corner]: { inner: pad, outer: pad } },
    });
  await read('bearing', 'FR', { playMm: 0.09 });
  await read('fluid', '', { class: 'DOT4', moisturePct: 0.8, caliperPeakC: 150 });
  return id;
}

for (const width of [1280, 390]) {
  test(`a car is prepared for its next event: what stops it, by which figure, and what to take along, ${width} wide`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto('/');
    const car = await ranCar(page.request, `Out again ${width}`);
    await page.goto(`/car/${car}`);
    await page
      .getByRole('region', { name: /^Days on track/ })
      .getByRole('link', { name: 'Is it ready?' })
      .click();
    await expect(page.getByRole('heading', { name: `Out again ${width}: Autumn days` })).toBeVisible();
    await expect(page.getByRole('status').filter({ hasText: 'Not as it is' })).toBeVisible();
    const front = page.getByRole('region', { name: 'Front wheels off' });
    const pads = front.getByRole('listitem').filter({ hasText: 'is past its limit' });
    await expect(pads).toContainText(/4\.0 mm against \d/);
    const bearing = front.getByRole('listitem').filter({ hasText: 'Bearing play' });
    await expect(bearing).toContainText('0.090 mm against 0.050 mm');
    const bring = page.getByRole('region', { name: 'To have, or to buy' });
    await expect(bring).toContainText('Pads, axle set, front');

    const boils = page.getByRole('listitem').filter({ hasText: 'Fluid, where it boils' });
    await expect(boils).toContainText('hottest caliper 150 °C');
    await expect(boils.getByText('go', { exact: true })).toBeVisible();
    const peak = page.getByLabel('Hottest caliper expected');
    await peak.fill('1900');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('main')).toContainText(
      'Hottest caliper is 1900: −40 °C to 1000 °C is accepted',
    );
    await peak.fill('205');
    await page.keyboard.press('Enter');
    await expect(boils.getByText('not', { exact: true })).toBeVisible();
    await expect(page).toHaveURL(/peak=205/);
    await expect(bring).toContainText('Brake fluid');
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);

    await pads.getByRole('link', { name: 'Open a job' }).click();
    await expect(page.getByLabel('What the driver says, in one line')).toHaveValue(
      /^Pads: F[LR] \w+ pad is past/,
    );
  });
}

test('what needs the same wheels off is due together, and opens as one job', async ({ page }) => {
  await page.goto('/');
  const car = await ranCar(page.request, 'Due together');
  const part = { kind: 'float_kit', place: 'front', what: 'Bobbins', batch: '', fittedOn: day(-300) };
  await post(page.request, `/api/cars/${car}/events`, {
    id: randomUUID(),
    name: 'Long summer',
    onDate: day(25),
    sessions: 60,
    odometerKm: null,
  });
  await post(page.request, `/api/cars/${car}/parts`, {
    ...{ id: randomUUID(), ...part, jobId: null, shelfId: null, oldWhy: null, oldMate: null },
  });
  await page.goto(`/car/${car}`);
  const together = page.getByRole('listitem').filter({ hasText: 'With the front wheels off' });
  await expect(together).toContainText('Front pads past their limit');
  await expect(together).toContainText('8 of 40 sessions run (common practice)');
  await together.getByRole('link', { name: 'All in one job' }).click();
  await expect(page.getByLabel('What the driver says, in one line')).toHaveValue(
    'Front pads past their limit; Float hardware front: life',
  );
});

for (const width of [1280, 390])
  test(`a run that takes wheels off looks in at its corners, and the preparation goes by that, ${width} wide`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto('/');
    const car = await ranCar(page.request, `Looked in ${width}`);
    await page.goto(`/car/${car}/prepare`);
    await page.getByRole('link', { name: /^Measure in job/ }).click();
    await page.waitForURL(/\/checks$/);
    const job = page.url().replace('/checks', '');
    await page.goto(`${job}/work`);
    await choose(page, 'Flush and bleed');
    await page.getByRole('button', { name: 'Start' }).click();
    await page.getByRole('button', { name: 'Look in front left' }).click();
    const form = page.getByRole('region', { name: 'Look-in FL' });
    await form.getByLabel('Outer pad, low end FL').fill('99');
    await form.getByRole('button', { name: 'Take the look-in FL' }).click();
    await expect(form.getByRole('alert')).toHaveText('Outer pad, low end is 99: 0 to 60 mm is accepted');
    await form.getByLabel('Outer pad, low end FL').fill('3.6');
    await form.getByRole('radio', { name: 'Chafed, cracked' }).click();
    await expect(form).toContainText('look at it under a held pedal');
    await form.getByRole('button', { name: 'The rest as it should be' }).click();
    await expect(page.getByText('outer 3.6 mm, rotor face smooth')).toBeVisible();
    await page.getByRole('button', { name: 'Looked in at the other three: as they should be' }).click();
    await saved(page);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    await page.goto(`/car/${car}/prepare`);
    const front = page.getByRole('region', { name: 'Front wheels off' });
    await expect(front.getByRole('listitem').filter({ hasText: 'Look-in' })).toContainText(
      'FL hose chafed, cracked',
    );
    await expect(front.getByRole('listitem').filter({ hasText: 'pad is past its limit' })).toContainText(
      '3.6 mm',
    );
    await expect(
      page
        .getByRole('region', { name: 'Rear wheels off' })
        .getByRole('listitem')
        .filter({ hasText: 'Look-in' }),
    ).toContainText('nothing seen');
  });

for (const width of [1280, 390])
  test(`a plain inspection is handed over as a report: figures against limits, what was not read, what is due, ${width} wide`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    await page.goto('/');
    const car = await ranCar(page.request, `Reported ${width}`);
    await page.goto(`/car/${car}`);
    await page.getByRole('link', { name: 'Report', exact: true }).click();
    await expect(page.getByRole('heading', { name: `Brakes of Reported ${width}` })).toBeVisible();
    await expect(page.getByText('Car stays here: wheel bearing loose')).toBeVisible();
    await expect(page.getByText(/^\d things? not as (they|it) should be/)).toBeVisible();
    await expect(page.getByRole('region', { name: 'In the bay' })).toContainText(
      'Until bearing adjusted or replaced and re-measured.',
    );
    const left = page.getByRole('region', { name: 'front left' });
    await expect(left.getByRole('row').filter({ hasText: 'Pad thickness' })).toContainText(
      /4\.0 mm against 6\.0 mm/,
    );
    await expect(left).toContainText('Not read: rotor, bearing play.');
    await expect(page.getByRole('region', { name: 'front right' })).toContainText(
      '0.090 mm against 0.050 mm',
    );
    await expect(page.getByRole('region', { name: 'What is due, and when' })).toContainText(
      'Front pads past their limit',
    );
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    await page.emulateMedia({ media: 'print' });
    await expect(page.getByText('Inspected by')).toBeVisible();
    await expect(page.getByRole('button', { name: 'Print, or keep as PDF' })).toBeHidden();
    const pdf = (await page.pdf({ format: 'A4' })).toString('latin1');
    expect(pdf.match(/\/Type\s*\/Page\b/g)!.length).toBeLessThanOrEqual(3);
    await page.emulateMedia({ media: 'screen' });
    await page.getByRole('link', { name: 'Open an inspection' }).click();
    await expect(page.getByLabel('What the driver says, in one line')).toHaveValue('Inspection');
  });

test('a report of a car that nobody read says so, not that nothing was found', async ({ page }) => {
  const id = randomUUID();
  const spec = { ...startingSet('light_track'), fluidClass: 'DOT4', fluidFilledOn: day(-1) };
  await post(page.request, '/api/cars', { id, ...spec, name: 'Fleet car unread' });
  await page.goto(`/car/${id}/report`);
  await expect(page.getByText('Nothing read yet')).toBeVisible();
  await expect(page.getByText(/In order|Nothing found/)).toHaveCount(0);
});

test('an event that is not there is no page', async ({ page }) => {
  const car = '00000000-0000-4000-8000-000000000001';
  const reply = await page.request.get(`/car/${car}/prepare?event=00000000-0000-4000-8000-00000000ffff`);
  expect(reply.status()).toBe(404);
});

test('a car’s season is on one page: what was run and done, and its figures, each leading to where it is written', async ({
  page,
}) => {
  await page.goto('/');
  const car = await ranCar(page.request, 'One season');
  await page.goto(`/car/${car}`);
  await page.getByRole('link', { name: 'Season', exact: true }).click();
  const year = day(-20).slice(0, 4);
  await page.goto(`/car/${car}/season?year=${year}`);
  await expect(page.getByRole('heading', { level: 1, name: `One season, ${year}` })).toBeVisible();
  await expect(page.getByRole('img', { name: `Days, jobs, fills and parts of ${year}` })).toBeVisible();
  await page
    .getByRole('region', { name: 'Days on track' })
    .getByRole('link', { name: /^Evening/ })
    .click();
  await expect(page).toHaveURL(new RegExp(`/car/${car}#events`));
  await page.goto(`/car/${car}/season?year=1999`);
  await expect(page.getByText('Nothing is on file of that year.')).toBeVisible();
});
