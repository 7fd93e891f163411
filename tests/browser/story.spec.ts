import type { Page } from '@playwright/test';
import { countPresses } from './presses';
import { runThrough } from './running';
import { expect, key, keysOf, row, saved, tabTo, test } from './test';

const stamp = () => Math.random().toString(36).slice(2, 8);

test('a soft pedal from complaint to recorded fix, by mouse', async ({ page }) => {
  const car = `Grey saloon ${stamp()}`;
  const counted = await countPresses(page);
  await page.goto('/');
  await page.getByRole('link', { name: 'Add a car' }).click();
  await page.getByRole('button', { name: /^Saloon/ }).click();
  await page.getByLabel('What the shop calls it').pressSequentially(car);
  await page.getByLabel('Driven from the').selectOption('left');
  await page.getByRole('button', { name: 'Save the car' }).click();
  await expect(page.getByRole('heading', { level: 1, name: car })).toBeVisible();

  await page.getByRole('link', { name: 'New complaint' }).click();
  await page.getByLabel('What the driver says, in one line').pressSequentially('Goes soft after five laps');
  await page.getByRole('button', { name: 'Open the job' }).click();
  await expect(page.getByRole('heading', { name: /What the driver says/ })).toBeVisible();

  const rail = page.getByRole('complementary', { name: 'Leaning rail' });
  await expect(rail).toContainText('Nothing to go on yet');
  await key(page, 'Spongy pedal', 'Yes').click();
  await expect(rail).toContainText('Air in the lines');
  await key(page, 'When it shows', 'Only hot').click();
  await key(page, 'How it comes back', 'After cooling').click();
  await expect(rail.getByRole('listitem').first()).toContainText('Fluid boiled: too much water in it');

  await rail.getByRole('link', { name: 'Do it' }).click();
  await expect(page).toHaveURL(/checks#check-/);
  await page.getByLabel('Water').pressSequentially('3.6');
  await page.getByRole('button', { name: 'Take the reading' }).click();
  await expect(row(page, 'Moisture reading')).toContainText('Fluid reading: wet.');
  await expect(rail).toContainText('Car stays here: fluid boils too early.');
  await key(page, 'Hold the pedal firmly for 30 s', 'Holds').click();
  await key(page, 'Leak search, pedal held', 'Dry').click();
  await expect(rail).toContainText('Enough to act on');

  await page.getByRole('link', { name: /^Verdict/ }).click();
  await expect(page.getByRole('main')).toContainText('Steam is only there while the caliper is hot');
  await page.getByRole('button', { name: 'Work on this' }).first().click();

  // The figure before is the reading that is on the sheet; nobody types it again.
  await expect(page.getByLabel('Figure before')).toHaveValue(/^Fluid: .*3\.6 %/);
  await expect(page.getByRole('table', { name: 'Order of bleeders' })).toContainText('RR');
  await page.getByRole('button', { name: 'Start' }).click();
  await runThrough(page);
  await expect(page.getByRole('heading', { name: 'Finished, not done: a proof is missing' })).toBeVisible();
  await expect(page.getByRole('link', { name: /^Work/ })).toContainText('done');

  await page.getByRole('link', { name: /^Proof/ }).click();
  await expect(page.getByRole('main')).toContainText(
    'Hold is open (fluid boils too early): proved and signed: fluid replaced and re-tested',
  );
  await key(page, 'Outcome', 'Cured').click();
  await page.getByRole('button', { name: 'Close and write the record' }).click();
  await expect(page.getByRole('main').getByRole('alert')).toContainText('Not closed yet.');
  // The hold ends by its evidence: the fluid measured again, and a name under it.
  const holds = page.getByRole('region', { name: 'Holds' });
  await expect(holds.getByRole('form', { name: 'Sign' })).toHaveCount(0);
  await holds.getByLabel('Water').pressSequentially('0.1');
  await holds.getByRole('button', { name: 'Take the reading' }).click();
  await holds.getByLabel('Proved by').pressSequentially('Mira');
  await holds.getByRole('button', { name: 'End the hold' }).click();
  await expect(holds).toContainText('Hold ended: fluid boils too early.');
  // The run has written down what its last steps found.
  await expect(key(page, 'Pedal as you find it now', 'Firm')).toBeChecked();
  await expect(key(page, 'Hold the pedal firmly for 30 s', 'Holds')).toBeChecked();
  // At rest is not proved: out it goes as it was complained of, and back.
  const drive = page.getByRole('region', { name: 'Out on proof' });
  await expect(drive.getByLabel('Drive it')).toHaveValue(/hard stops or laps/);
  await expect(drive.getByLabel('Who drives')).toHaveValue('Mira');
  await drive.getByRole('button', { name: 'Out on proof' }).click();
  await drive.getByRole('button', { name: 'It is back' }).click();
  await key(page, 'Spongy pedal', 'No').click();
  // What it was filled with is told by what it was poured from.
  await expect(page.getByRole('group', { name: 'The new fluid' }).getByLabel('Product')).toHaveValue(
    /brake fluid/,
  );
  await page.getByRole('checkbox', { name: /Fluid boiled: too much water/ }).check();
  await page.getByLabel('What was wrong, what was done').pressSequentially('Two winters old.');
  await page.getByLabel('Closed by').pressSequentially('Mira');
  await page.getByRole('button', { name: 'Add what is due' }).click();
  await page.getByLabel('What', { exact: true }).pressSequentially('Moisture again');
  await saved(page);
  await page.getByRole('button', { name: 'Close and write the record' }).click();

  await expect(page).toHaveURL(/ledger/);
  const { presses, keys } = await counted();
  console.log(`a new car and a soft pedal to a closed job: ${presses} presses, ${keys} keys`);
  expect(presses).toBeLessThanOrEqual(45);
  expect(keys).toBeLessThanOrEqual(90);
  await expect(page.getByRole('main')).toContainText('Cured: Fluid boiled: too much water in it');
  await expect(page.getByRole('main')).toContainText('Two winters old.');
  await page.goto('/ledger');
  // Found as it is typed.
  await page.getByLabel('Words').fill('five laps winters');
  await expect(page.getByRole('main')).toContainText(car);
  await page.goto('/');
  await expect(page.getByRole('complementary')).toContainText('Moisture again');
});

/** Focuses a control and presses it, by keys alone. */
async function press(page: Page, target: ReturnType<Page['locator']>, keyName = 'Enter'): Promise<void> {
  await tabTo(page, target);
  await page.keyboard.press(keyName);
}

/** Tabs to a row of choices and presses the digit of the wanted one. */
async function choose(page: Page, question: string, digit: string): Promise<void> {
  const group = keysOf(page, question);
  await group.waitFor();
  for (let count = 0; count < 250; count++) {
    if (await group.evaluate((element) => element.contains(document.activeElement))) break;
    await page.keyboard.press('Tab');
  }
  await page.keyboard.press(digit);
}

test('the same by keyboard alone', async ({ page }) => {
  test.slow();
  const car = `Black saloon ${stamp()}`;
  const counted = await countPresses(page);
  await page.goto('/');
  await press(page, page.getByRole('link', { name: 'Add a car' }));
  await press(page, page.getByRole('button', { name: /^Saloon/ }));
  await tabTo(page, page.getByLabel('What the shop calls it'));
  await page.keyboard.type(car);
  await page.keyboard.press('Enter');
  await expect(page.getByRole('heading', { level: 1, name: car })).toBeVisible();

  await press(page, page.getByRole('link', { name: 'New complaint' }));
  await tabTo(page, page.getByLabel('What the driver says, in one line'));
  await page.keyboard.type('Spongy since the calipers were off');
  await press(page, page.getByRole('button', { name: 'Open the job' }));
  await expect(page.getByRole('heading', { name: /What the driver says/ })).toBeVisible();

  await choose(page, 'Spongy pedal', '2');
  await choose(page, 'When it shows', '1');
  await press(page, page.getByRole('button', { name: 'Since it was last good' }));
  await choose(page, 'Hydraulics opened since the pedal was last good', '2');
  await expect(
    page.getByRole('complementary', { name: 'Leaning rail' }).getByRole('listitem').first(),
  ).toContainText('Air in the lines');

  await page.keyboard.press('k');
  await expect(page.getByRole('heading', { name: /^Checks/ })).toBeVisible();
  await page.keyboard.press('n');
  await expect(page).toHaveURL(/#check-/);
  await expect
    .poll(() => page.evaluate(() => document.activeElement?.closest('li')?.id ?? ''))
    .toMatch(/^check-/);
  await choose(page, 'Pump the pedal', '2');
  await choose(page, 'Hold the pedal firmly for 30 s', '1');
  await choose(page, 'Leak search, pedal held', '1');

  await page.keyboard.press('v');
  await expect(page.getByRole('heading', { name: /^What it is/ })).toBeVisible();
  await press(page, page.getByRole('button', { name: 'Work on this' }).first());
  await tabTo(page, page.getByLabel('Figure before'));
  await page.keyboard.type('70 mm of pedal');
  await page.keyboard.press('Enter');
  await page.getByTestId('run-count').waitFor();
  while ((await page.getByRole('region', { name: 'End of the work' }).count()) === 0) {
    const count = await page.getByTestId('run-count').textContent();
    await page
      .locator('[data-run]')
      .first()
      .or(page.getByRole('region', { name: 'End of the work' }))
      .waitFor();
    if ((await page.locator('[data-run]').count()) === 0) break;
    const clock = page.getByRole('button', { name: 'Timed by another clock' });
    if ((await clock.count()) > 0) await press(page, clock);
    // Enter goes on; a check wants its answer by number. A key that comes too soon after another is not heard.
    await expect(async () => {
      if ((await page.getByTestId('run-count').textContent()) === count)
        await page.keyboard.press((await page.locator('[data-run="next"]').count()) > 0 ? 'Enter' : '1');
      await expect(page.getByTestId('run-count')).not.toHaveText(count!, { timeout: 450 });
    }).toPass({ intervals: [50] });
  }
  await page.keyboard.press('p');
  await expect(page.getByRole('heading', { name: /^Proof/ })).toBeVisible();
  const drive = page.getByRole('region', { name: 'Out on proof' });
  await tabTo(page, drive.getByLabel('Who drives'));
  await page.keyboard.type('Tobias');
  await press(page, drive.getByRole('button', { name: 'Out on proof' }));
  await press(page, drive.getByRole('button', { name: 'It is back' }));
  const gone = drive.getByRole('button', { name: 'None of it came back' });
  if ((await gone.count()) > 0) await press(page, gone);
  else await choose(page, 'Spongy pedal', '1');
  await choose(page, 'Outcome', '1');
  await press(page, page.getByRole('checkbox', { name: /^Air in the lines/ }), 'Space');
  await tabTo(page, page.getByLabel('Closed by'));
  await page.keyboard.type('Tobias');
  await saved(page);
  await page.keyboard.press('Enter');
  await expect(page).toHaveURL(/ledger/);
  console.log(`the same by keyboard alone: ${(await counted()).keys} keys`);
  await expect(page.getByRole('main')).toContainText('Cured: Air in the lines');

  await page.keyboard.press('g');
  await page.keyboard.press('f');
  await expect(page).toHaveURL(/bench/);
  await page.keyboard.press('?');
  await expect(page.getByRole('dialog')).toContainText('Keys, and how a job goes');
  await page.keyboard.press('Escape');
  await expect(page.getByRole('dialog')).toHaveCount(0);
});
