import type { Page } from '@playwright/test';
import { answerElsewhere, atNewJob, expect, key, newJob, pickCar, row, saved, test } from './test';

/** A new job on one of the demo's cars. */
const rail = (page: Page) => page.getByRole('complementary', { name: 'Leaning rail' });
const plan = (page: Page) => page.getByRole('complementary', { name: 'Corner plan' });

test('a corner is picked on the plan, answered there, and shown there', async ({ page }) => {
  const job = await newJob(page, 'Car 14, blue coupe', 'Knocks after kerbs');
  await page.goto(`${job}/checks`);
  await plan(page)
    .getByRole('button', { name: /^front right/ })
    .click();
  await key(page, 'Wheel bearing play, FR', 'Excess').click();
  await expect(
    plan(page).getByRole('button', { name: 'front right: Bearing play, excess, on hold' }),
  ).toBeVisible();
  await expect(rail(page)).toContainText('Car stays here: wheel bearing loose.');
  await expect(rail(page).getByRole('listitem').first()).toContainText('Wheel bearing play FR');
  await plan(page)
    .getByRole('button', { name: /^front left/ })
    .click();
  await expect(key(page, 'Wheel bearing play, FL', 'Excess')).toHaveAttribute('data-state', 'off');
  await saved(page);
  await page.reload();
  await expect(plan(page).getByRole('button', { name: /front right.*on hold/ })).toBeVisible();
});

for (const width of [1280, 390])
  test(`a corner's forms take the room that was kept for them: nothing moves under a finger, ${width} wide`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    const job = await newJob(page, 'Car 14, blue coupe', 'Knocks after kerbs');
    await page.goto(`${job}/checks`);
    // What is fetched from here on comes when it is let through.
    let letThrough = () => {};
    const held = new Promise<void>((resolve) => (letThrough = resolve));
    await page.route('**/_next/static/**', async (route) => {
      await held;
      await route.continue();
    });
    await page
      .getByRole('main')
      .getByRole('radiogroup', { name: 'Corner', exact: true })
      .getByRole('radio', { name: 'FR' })
      .click();
    const under = row(page, 'Wheel bearing play, FR');
    await expect(under).toBeVisible();
    const top = async () => (await under.boundingBox())!.y + (await page.evaluate(() => window.scrollY));
    const before = await top();
    letThrough();
    await expect(page.getByRole('region', { name: 'Pads FR' })).toBeVisible();
    await expect(page.getByRole('region', { name: 'Rotor FR' })).toBeVisible();
    expect(Math.abs((await top()) - before)).toBeLessThan(12);
  });

test('a car with rear drums is asked about drums at the rear and discs in front only', async ({ page }) => {
  const job = await newJob(page, 'Shop hatch, grey', 'Low pedal');
  await page.goto(`${job}/checks`);
  await plan(page)
    .getByRole('button', { name: /^rear left/ })
    .click();
  await expect(row(page, 'Shoe clearance and adjuster, RL')).toBeVisible();
  await expect(row(page, 'Rotor runout, RL')).toHaveCount(0);
  await plan(page)
    .getByRole('button', { name: /^front left/ })
    .click();
  await expect(row(page, 'Rotor runout, FL')).toBeVisible();
  await expect(row(page, 'Shoe clearance and adjuster, FL')).toHaveCount(0);
});

test('a car without assist is not asked about any', async ({ page }) => {
  const job = await newJob(page, 'Number 7, open two-seater', 'Hard pedal');
  await page.goto(`${job}/checks`);
  await expect(row(page, 'Pump the pedal')).toBeVisible();
  await expect(row(page, 'Start the engine with the pedal held lightly')).toHaveCount(0);
  await expect(row(page, 'Vacuum at the booster')).toHaveCount(0);
  await page.getByLabel('A, pivot to pad').fill('264');
  await page.getByLabel('B, pivot to clevis').fill('71');
  await page.getByRole('button', { name: 'Take the ratio' }).click();
  await expect(row(page, 'Pedal ratio against its band')).toContainText('Pedal ratio reading: below.');
  await expect(row(page, 'Pedal ratio against its band')).toContainText('264 / 71 = 3.72');
});

test('what is not at hand is not asked for', async ({ page }) => {
  const job = await atNewJob(page, 'Car 14, blue coupe', 'Mushy');
  await key(page, 'Soft where the stroke ends', 'Yes').click();
  await page.getByRole('button', { name: 'Since it was last good' }).click();
  await key(page, 'Flexible hoses', 'Braided').click();
  await saved(page);
  await page.goto(`${job}/checks`);
  await expect(rail(page)).toContainText('Watch the master while a helper presses');
  await page.getByRole('button', { name: /At hand/ }).click();
  await page.getByLabel('A helper to press the pedal').uncheck();
  await expect(rail(page)).not.toContainText('Watch the master while a helper presses');
  await expect(page.getByRole('button', { name: /nobody to help/ })).toBeVisible();
});

test('answers that do not fit together are told', async ({ page }) => {
  const job = await atNewJob(page, 'Car 14, blue coupe', 'Sinks, he says');
  await key(page, 'Pedal sinks while held', 'Yes').click();
  await expect(rail(page)).toContainText('Car stays here: pedal sinks while held.');
  await page.goto(`${job}/checks`);
  await key(page, 'Hold the pedal firmly for 30 s', 'Holds').click();
  await expect(rail(page)).toContainText('The driver felt it sink, the 30 s hold did not');
  await expect(rail(page)).not.toContainText('Car stays here');
});

test('the clock of the hold runs by the wall, and says when time is up', async ({ page }) => {
  await page.clock.install();
  const job = await newJob(page, 'Car 14, blue coupe', 'Clock');
  await page.goto(`${job}/checks`);
  const hold = row(page, 'Hold the pedal firmly for 30 s');
  await hold.getByRole('button', { name: 'Time 30 s' }).click();
  await page.clock.runFor(10_000);
  await expect(hold.getByRole('timer')).toHaveText('0:20');
  // A locked phone: the page sleeps, the wall clock does not.
  await page.clock.fastForward(25_000);
  await expect(hold.getByRole('status')).toHaveText('Time is up.');
  await expect(hold.getByRole('timer')).toHaveText('0:00');
  await hold.getByRole('button', { name: 'Again' }).click();
  await hold.getByRole('button', { name: 'Stop' }).click();
  await expect(hold.getByRole('timer')).toHaveText('0:30');
});

test('a fluid reading is refused in words, corrected, and the old value kept in the record', async ({
  page,
  request,
}) => {
  const job = await newJob(page, 'Number 7, open two-seater', 'Wet?');
  await page.goto(`${job}/checks`);
  await page.getByLabel('Water').fill('40');
  await page.getByRole('button', { name: 'Take the reading' }).click();
  await expect(page.getByText('Water is 40: 0 to 10 % is accepted')).toBeVisible();
  await expect(page.getByLabel('Water')).toHaveValue('40');
  await page.getByLabel('Water').fill('3,4');
  await page.getByRole('button', { name: 'Take the reading' }).click();
  await expect(row(page, 'Moisture reading')).toContainText('Fluid reading: wet');
  await page.getByLabel('Water').fill('0.4');
  await page.getByRole('button', { name: 'Correct the reading' }).click();
  await expect(row(page, 'Moisture reading')).toContainText('Fluid reading: dry');
  await saved(page);
  const sheet = await (await request.get(`/api/jobs/${/job\/([0-9a-f-]+)/.exec(job)![1]}`)).json();
  expect(
    sheet.readings.map((reading: { input: { moisturePct: number } }) => reading.input.moisturePct),
  ).toEqual([3.4, 0.4]);
});

test('the verdict opens to its evidence, its arithmetic, and every cause', async ({ page }) => {
  const job = await atNewJob(page, 'Car 14, blue coupe', 'Evidence');
  await key(page, 'Spongy pedal', 'Yes').click();
  await page.goto(`${job}/verdict`);
  const main = page.getByRole('main');
  await expect(main).toContainText('Gas squeezes where fluid will not');
  await expect(main).toContainText('What would change it:');
  await page.getByRole('button', { name: 'The arithmetic' }).first().click();
  await expect(main).toContainText(/before any answer \+ .* bits of odds/);
  await page.getByRole('button', { name: /All \d+ causes/ }).click();
  await expect(main).toContainText('ABS doing its job');
  await expect(main).toContainText('never ruled out');
});

test('a hold ends by its evidence and a name, not by words', async ({ page }) => {
  const job = await atNewJob(page, 'Car 14, blue coupe', 'Lamp');
  await key(page, 'Warning light', 'Brake').click();
  await saved(page);
  await page.goto(`${job}/proof`);
  const holds = page.getByRole('region', { name: 'Holds' });
  await expect(holds).toContainText('Wanted: none');
  await expect(holds.getByRole('form', { name: 'Sign' })).toHaveCount(0);
  await key(page, 'Warning light', 'Brake').click();
  await expect(holds).toContainText('still wrong');
  await key(page, 'Warning light', 'None').click();
  await holds.getByLabel('Something to add').fill('Level switch replaced');
  await page.reload();
  await expect(holds.getByLabel('Something to add')).toHaveValue('Level switch replaced');
  await expect(holds.getByLabel('Proved by')).toHaveValue('Mira');
  await holds.getByLabel('Proved by').fill('');
  await holds.getByRole('button', { name: 'End the hold' }).click();
  await expect(page.getByText('Say who proved it')).toBeVisible();
  await holds.getByLabel('Proved by').fill('Mira');
  await holds.getByRole('button', { name: 'End the hold' }).click();
  await expect(holds).toContainText(
    'Hold ended: brake warning lamp on. Proved: warning light: none. Level switch replaced',
  );
});

test('other work goes measure, do, measure again; a tick can be taken back', async ({ page }) => {
  const job = await newJob(page, 'Car 14, blue coupe', 'Brace');
  await page.goto(`${job}/work`);
  await expect(async () => {
    await page.getByLabel('Or another job').selectOption({ label: 'Other work, named by hand' });
    await expect(page.getByLabel('What is done')).toBeVisible({ timeout: 500 });
  }).toPass();
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText('Say what is to be done')).toBeVisible();
  await page.getByLabel('What is done').fill('Brace for the master');
  await page.getByLabel('Figure before').fill('Master moves 3 mm');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByText('Say what it touches')).toBeVisible();
  const touches = page.getByRole('group', { name: 'What it touches' });
  const steps = page.getByRole('main');
  await touches.getByRole('button', { name: 'A line, hose, caliper or the master is opened' }).click();
  await expect(steps).toContainText('Lay out');
  await touches.getByRole('button', { name: 'None of these' }).click();
  await expect(steps).not.toContainText('Lay out');
  await page.getByRole('button', { name: 'Start' }).click();
  await expect(page.getByTestId('run-count')).toHaveText('0 of 5');
  await page.getByRole('button', { name: 'A note, if there is something to say' }).click();
  await page.getByRole('textbox', { name: 'Note' }).fill('3.1 mm by dial');
  await page.reload();
  await expect(page.getByRole('button', { name: 'Note: 3.1 mm by dial' })).toBeVisible();
  await page.getByRole('button', { name: 'Done, next' }).click();
  await expect(page.getByTestId('run-count')).toHaveText('1 of 5');
  await page.getByRole('button', { name: 'Step back' }).click();
  await expect(page.getByTestId('run-count')).toHaveText('0 of 5');
  await saved(page);
  await page.reload();
  await expect(page.getByTestId('run-count')).toHaveText('0 of 5');
  await page.getByRole('link', { name: 'To the list' }).click();
  await expect(page.getByRole('main')).toContainText('Before: Master moves 3 mm');
});

test('what cannot be finished before the car is wanted is not worth doing next', async ({ page }) => {
  await page.goto('/job/new');
  await pickCar(page, 'blue coupe');
  await page.getByLabel('What the driver says, in one line').fill('Long on the first press');
  await page.getByLabel('Day', { exact: true }).fill('the 12th');
  await page.getByRole('button', { name: 'Open the job' }).click();
  await expect(page.getByRole('main')).toContainText('The 12th is not taken: a day such as');
  await page.reload();
  await expect(page.getByLabel('Day', { exact: true })).toHaveValue('the 12th');
  await expect(page.getByLabel('What the driver says, in one line')).toHaveValue('Long on the first press');
  await pickCar(page, 'blue coupe');
  // By the shop's clock, which is UTC here.
  const [day, time] = new Date(Date.now() + 4 * 60_000).toISOString().slice(0, 16).split('T');
  await page.getByLabel('Day', { exact: true }).fill(day!);
  await page.getByLabel('Time', { exact: true }).fill(time!);
  await page.getByRole('button', { name: 'Open the job' }).click();
  await page.waitForURL(/\/job\/[0-9a-f-]{36}\//);
  await key(page, 'First press long, next one firm', 'Yes').click();
  const next = page.getByRole('region', { name: 'Worth doing next' });
  await expect(next).toContainText(/Worth doing next · [1-4] min/);
  await expect(next).not.toContainText('taking wheels off');
});

test('a check that comes to matter while it is being measured stays under the finger', async ({ page }) => {
  const job = await newJob(page, 'Club saloon', 'Two at one car');
  await page.goto(`${job}/checks#check-bearing_play`);
  const now = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: /^What matters now/ }) });
  const bearing = page.locator('#check-bearing_play');
  await bearing.getByRole('radio', { name: 'FR' }).click();
  const play = bearing.getByLabel('Play FR', { exact: true });
  await play.fill('0.0');
  await expect(now.locator('#check-bearing_play')).toHaveCount(0);
  for (const finding of ['pedal_long', 'after_cornering']) await answerElsewhere(page, job, finding, 'yes');
  await expect(rail(page)).toContainText('Wheel bearing play');
  await expect(play).toBeFocused();
  await expect(play).toHaveValue('0.0');
  await page.getByRole('button', { name: /^All the other checks/ }).click();
  await expect(now.locator('#check-bearing_play')).toBeVisible();
});

test('what can move the verdict stands open, the rest one press away, and a measured check opens its gauge', async ({
  page,
}) => {
  await page.addInitScript(() => {
    for (const all of ['bavrin.kept.checks.rest', 'bavrin.kept.walk.all']) localStorage.setItem(all, 'false');
  });
  const job = await atNewJob(page, 'Club saloon', 'Shakes under braking');
  await key(page, 'Vibration while braking', 'Yes').click();
  await page.goto(`${job}/checks`);
  // Deposits that were seen are enough to act on: the rest is still open then.
  const now = page
    .locator('section')
    .filter({ has: page.getByRole('heading', { name: /^(What matters now|Still open)/ }) });
  await expect(now.getByRole('listitem').first()).toBeVisible();
  expect(await now.locator('li[id^="check-"]').count()).toBeLessThanOrEqual(12);
  await expect(now.locator('#check-rotor_surface')).toBeVisible();
  await expect(page.locator('#check-reservoir_cap')).toHaveCount(0);
  // An answer leaves the rows where they are.
  const before = await now.locator('li[id^="check-"]').evaluateAll((rows) => rows.map((row) => row.id));
  await key(page, 'Rotor face', 'Deposits').click();
  await saved(page);
  const after = await now.locator('li[id^="check-"]').evaluateAll((rows) => rows.map((row) => row.id));
  expect(after.slice(0, before.length)).toEqual(before);
  await page.getByRole('button', { name: /^All the other checks/ }).click();
  await expect(page.locator('#check-reservoir_cap')).toBeVisible();

  // Gone to by its address, a check that is measured asks its corner and opens its gauge.
  await page.goto(`${job}/checks#check-bearing_play`);
  await page.reload();
  const bearing = page.locator('#check-bearing_play');
  await bearing
    .getByRole('radiogroup', { name: /corner$/ })
    .getByRole('radio', { name: 'FR' })
    .click();
  await expect(bearing.getByLabel('Play FR', { exact: true })).toBeFocused();

  await page.getByRole('radio', { name: 'Walk round' }).click();
  const walk = page.getByRole('region', { name: 'Walk round the car' });
  await expect(walk.getByRole('radio', { name: /^What matters \(\d+\)/ })).toBeChecked();
  await walk.getByRole('radio', { name: /^All/ }).click();
  await expect(walk).toContainText(/of \d{2}/);
});
