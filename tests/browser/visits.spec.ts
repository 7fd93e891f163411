import type { Page } from '@playwright/test';
import { choose, runOn, runThrough } from './running';
import { expect, key, newJob, saved, test } from './test';

const count = (page: Page) => page.getByTestId('run-count');

const WIDTHS = [1280, 390];

test('a reading past its limit asks what now, and says so at the end', async ({ page }) => {
  const job = await newJob(page, 'Club saloon', 'Knocks off the pads');
  await page.goto(`${job}/work`);
  await choose(page, 'Adjust or renew the wheel bearing');
  await page.getByRole('button', { name: 'Start' }).click();
  await runOn(page, /play again/);
  const play = page.getByLabel(/^Play F[LR]$/);
  await play.fill('0.09');
  await play.press('Enter');
  const box = page.getByRole('region', { name: 'Past its limit' });
  await expect(box).toContainText('Wheel bearing play: excess, 0.090 mm against 0.050 mm');
  // A part that was renewed is measured again instead.
  await expect(box.getByRole('button', { name: 'Renewed instead' })).toHaveCount(0);
  await box.getByRole('button', { name: 'Left so, because' }).click();
  await expect(box).toContainText('Say why it is left so');
  await box.getByRole('button', { name: 'Put right: measure again' }).click();
  await play.fill('0.08');
  await play.press('Enter');
  await box.getByLabel('What was done about it').fill('New bearing on order');
  await box.getByRole('button', { name: 'Left so, because' }).click();
  await expect(box).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(page.getByRole('region', { name: /^FL: play again/ })).toHaveCount(0);
});

test('one change at a time: a second begun before the first is over is marked, and proof says what did it', async ({
  page,
}) => {
  const job = await newJob(page, 'Club saloon', 'Eats pads');
  await page.goto(`${job}/checks`);
  await page.getByRole('button', { name: /^front right/ }).click();
  await key(page, 'Slide pins move by hand, FR', 'Stiff').click();
  await page.goto(`${job}/work`);
  await choose(page, 'Free the slides');
  await expect(page.getByRole('button', { name: 'FR', exact: true })).toHaveAttribute('aria-pressed', 'true');
  await page.getByRole('button', { name: 'Start' }).click();
  await page.getByRole('button', { name: 'Done: Car up, wheels off' }).click();
  await saved(page);
  await page.getByRole('link', { name: 'To the list' }).click();
  await page.getByRole('button', { name: 'Add work' }).click();
  await expect(page.getByRole('main')).toContainText('what cured it cannot be told apart then');
  await page.getByRole('button', { name: 'Leave it', exact: true }).click();
  await expect(page.getByRole('main')).not.toContainText('done together');
  await page.getByRole('link', { name: 'Go on' }).click();
  await runThrough(page);
  await page.goto(`${job}/proof`);
  await key(page, 'Slide pins move by hand, FR', 'Free').click();
  const did = page.getByRole('region', { name: 'What the work did' });
  await expect(did).toContainText('Slide pins move by hand FR came right by: free the slides FL FR.');

  // Two at once is allowed, and said.
  const both = await newJob(page, 'Club saloon', 'Two things at once');
  for (const label of ['Free the slides', 'Wheel and mounting']) {
    await page.goto(`${both}/work`);
    const add = page.getByRole('button', { name: 'Add work' });
    if (label === 'Wheel and mounting') await add.click();
    await choose(page, label);
    if (label === 'Wheel and mounting') await page.getByRole('radio', { name: 'By itself' }).click();
    await page.getByRole('button', { name: 'Start' }).click();
    await page.getByRole('button', { name: /^Done(: Car up, wheels off|, next)$/ }).click();
    await saved(page);
  }
  await page.goto(`${both}/work`);
  await expect(page.getByText('done together with another')).toHaveCount(2);
});

for (const width of WIDTHS) {
  test(`two works in one visit are apart once and proved once, ${width} wide`, async ({ page }) => {
    await page.setViewportSize({ width, height: width === 390 ? 844 : 800 });
    const job = await newJob(page, 'Club saloon', 'Stiff pins and thin pads');
    await page.goto(`${job}/work`);
    await choose(page, 'Free the slides');
    await page.getByRole('button', { name: 'Start' }).click();
    await page.getByRole('button', { name: 'Done: Car up, wheels off' }).click();
    await saved(page);
    await page.getByRole('link', { name: 'To the list' }).click();
    await page.getByRole('button', { name: 'Add work' }).click();
    await choose(page, 'New pads, axle set');
    const plan = page.getByRole('region', { name: 'Plan of the work' });
    await expect(plan).toContainText('apart and proved once:');
    await expect(plan).not.toContainText('Car up, wheels off');
    await page.getByRole('radio', { name: 'By itself' }).click();
    await expect(plan).toContainText('Car up, wheels off');
    await page.getByRole('radio', { name: /^In one visit with/ }).click();
    await page.getByRole('button', { name: 'Start' }).click();
    // It goes on with what is under way.
    await expect(page.getByRole('heading', { name: /^Free the slides/ })).toBeVisible();
    await runOn(page);
    await expect(page.getByRole('region', { name: 'End of the work' })).toContainText(
      'This part is done; the car stays apart',
    );
    await saved(page);
    await page.getByRole('link', { name: 'To the list' }).click();
    const list = page.getByRole('listitem').filter({ hasText: 'one visit with' });
    await expect(list).toHaveCount(2);
    await list.getByRole('link', { name: 'Go on' }).click();
    await expect(page.getByRole('heading', { name: /^New pads/ })).toBeVisible();
    await page.reload();
    await runOn(page);
    await saved(page);
    await expect(page.getByRole('region', { name: 'End of the work' })).toContainText(
      /Done|proof is missing/,
    );
    await page.goto(`${job}/work`);
    await expect(list.getByText('done', { exact: true })).toHaveCount(2);
  });
}

test('a work is left undone only with a reason, and the story tells it', async ({ page }) => {
  const job = await newJob(page, 'Shop hatch', 'Squeals');
  await page.goto(`${job}/work`);
  await choose(page, 'Drum service');
  await page.getByRole('button', { name: 'Start' }).click();
  await saved(page);
  await page.getByRole('link', { name: 'To the list' }).click();
  await page.getByRole('button', { name: 'Leave it undone' }).click();
  await page.getByRole('button', { name: 'Leave it undone' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Say why' })).toBeVisible();
  await page.getByLabel('Why it is left undone').fill('No shoes on the shelf');
  await page.getByRole('button', { name: 'Leave it undone' }).click();
  await expect(page.getByRole('main')).toContainText('left undone');
  await page.goto(`${job}/proof`);
  await key(page, 'Outcome', 'No change').click();
  await page.getByLabel('Closed by').fill('Mira');
  await saved(page);
  await page.getByRole('button', { name: 'Close and write the record' }).click();
  await expect(page).toHaveURL(/ledger/);
  await expect(page.getByRole('main')).toContainText(
    'Drum service RL RR, left undone: No shoes on the shelf',
  );
});

test('a work left with the car apart holds it, and can be taken up again', async ({ page }) => {
  const job = await newJob(page, 'Club saloon', 'Squeals');
  await page.goto(`${job}/work`);
  await choose(page, 'Free the slides');
  await page.getByRole('button', { name: 'Start' }).click();
  await page.getByRole('button', { name: 'Done: Car up, wheels off' }).click();
  await saved(page);
  // Nothing closes over it.
  await page.goto(`${job}/proof`);
  await key(page, 'Outcome', 'No change').click();
  await page.getByLabel('Closed by').fill('Mira');
  await page.getByRole('button', { name: 'Close and write the record' }).click();
  await expect(page.getByRole('main').getByRole('alert')).toContainText('Work is under way (Free the slides');

  await page.goto(`${job}/work`);
  await page.getByRole('button', { name: 'Leave it undone' }).click();
  await page.getByLabel('Why it is left undone').fill('Grease is out');
  await page.getByRole('button', { name: 'Leave it undone' }).click();
  await expect(page.getByRole('alert').filter({ hasText: 'Say how the car stands' })).toBeVisible();
  await key(page, 'Wheels', 'Off').click();
  await key(page, 'Lines and bleeders', 'All closed').click();
  await key(page, 'Pedal', 'Pumped hard').click();
  await page.getByRole('button', { name: 'Leave it undone' }).click();
  const rail = page.getByRole('complementary', { name: 'Leaning rail' });
  await expect(rail).toContainText('Car stays here: work left undone, the car apart');
  await saved(page);
  await page.getByRole('button', { name: 'Take it up again' }).click();
  await expect(rail).not.toContainText('Car stays here');
  await page.getByRole('link', { name: 'Go on' }).click();
  await expect(count(page)).toHaveText(/^1 of/);
});

test('a trouble can be stopped at, and what wants bedding in is told the driver before the job closes', async ({
  page,
}) => {
  const job = await newJob(page, 'Club saloon', 'Worn pads');
  await page.goto(`${job}/work`);
  await choose(page, 'New pads, axle set');
  await page.getByRole('button', { name: 'Start' }).click();
  await runOn(page, /Pins/);
  await page.getByRole('button', { name: 'One is bound' }).click();
  await page.getByRole('button', { name: 'Stop here' }).click();
  // Brought to the question how the car stands; kept, the run waits at its trouble.
  await expect(page.getByLabel('Why it is left undone')).toBeVisible();
  await page.getByRole('button', { name: 'Keep it' }).click();
  await expect(page.getByLabel('Why it is left undone')).toHaveCount(0);
  await page.getByRole('link', { name: 'Go on' }).click();
  const trouble = page.getByRole('region', { name: 'A pin or piston is bound' });
  await trouble.getByRole('button', { name: 'Left so, because' }).click();
  await expect(trouble.getByText('Say why it is left so')).toBeVisible();
  await trouble.getByLabel('What was done about it').fill('New pin ordered, freed for now');
  await trouble.getByRole('button', { name: 'Left so, because' }).click();
  await runThrough(page);
  await expect(page.getByText('What went wrong on the way')).toBeVisible();

  await page.goto(`${job}/proof`);
  await key(page, 'Outcome', 'Cured').click();
  await page.getByLabel('Something else').selectOption({ label: 'Pads worn out' });
  await page.getByLabel('Closed by').fill('Mira');
  await page.getByRole('button', { name: 'Close and write the record' }).click();
  await expect(page.getByRole('main').getByRole('alert')).toContainText('New friction is not bedded in');
  await page.getByLabel('Not bedded in yet: the driver was told by').fill('Mira');
  // What the work makes due is offered with its day.
  const nuts = page.getByRole('button', { name: /^Wheel nuts again/ });
  await nuts.click();
  await expect(nuts).toHaveCount(0);
  await expect(page.getByLabel('By', { exact: true })).not.toHaveValue('');
  await saved(page);
  await page.getByRole('button', { name: 'Close and write the record' }).click();
  await expect(page).toHaveURL(/ledger/);
  await expect(page.getByRole('main')).toContainText('the driver was told by Mira');
  await expect(page.getByRole('main')).toContainText('a pin or piston is bound at');
});

test('the works are put in another order by hand and by keys, and stay so', async ({ page }) => {
  const job = await newJob(page, 'Club saloon', 'Three things to do');
  await page.goto(`${job}/work`);
  for (const [index, label] of ['Flush and bleed', 'Free the slides', 'New pads, axle set'].entries()) {
    if (index > 0) await page.getByRole('button', { name: 'Add work' }).click();
    await choose(page, label);
    await page.getByRole('button', { name: 'Start' }).click();
    await saved(page);
    await page.goto(`${job}/work`);
  }
  const order = () =>
    page
      .getByRole('button', { name: /^Move / })
      .evaluateAll((all) => all.map((each) => /^Move (\w+)/.exec(each.getAttribute('aria-label')!)![1]));
  await expect.poll(order).toEqual(['Flush', 'Free', 'New']);
  await page.getByRole('button', { name: /^Move New/ }).focus();
  // Each key is answered in words before the next.
  for (const [pressed, said] of [
    ['Space', 'over place 3'],
    ['ArrowUp', 'over place 2'],
    ['ArrowUp', 'over place 1'],
    ['Space', 'put at place 1'],
  ] as const) {
    await page.keyboard.press(pressed);
    await expect(page.getByText(said)).toBeAttached();
  }
  await expect.poll(order).toEqual(['New', 'Flush', 'Free']);
  await saved(page);
  await page.reload();
  await expect.poll(order).toEqual(['New', 'Flush', 'Free']);
  const handle = (name: RegExp) => page.getByRole('button', { name }).boundingBox();
  const [from, to] = [(await handle(/^Move Free/))!, (await handle(/^Move New/))!];
  await page.mouse.move(from.x + 10, from.y + 10);
  await page.mouse.down();
  await page.mouse.move(from.x + 10, from.y - 40, { steps: 5 });
  await page.mouse.move(to.x + 10, to.y, { steps: 10 });
  await page.mouse.up();
  await expect.poll(order).toEqual(['Free', 'New', 'Flush']);
  await saved(page);
});
