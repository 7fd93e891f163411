import { CAUSES } from '../../core/diagnosis/causes';
import { KNOWLEDGE_VERSION } from '../../core/diagnosis/knowledge/all';
import { answerElsewhere, atNewJob, expect, key, newJob, saved, test } from './test';

test('a finding is pressed to see the verdict without it, and nothing changes', async ({ page }) => {
  await page.goto('/');
  await page
    .getByRole('link', { name: /No firm stop, the last bit/ })
    .first()
    .click();
  await page.waitForURL(/\/job\//);
  await page.goto(page.url().replace(/[a-z]+$/, 'verdict'));
  const main = page.getByRole('main');
  await main
    .getByRole('button', { name: /while a helper presses: moves/ })
    .first()
    .click();
  const sheet = page.getByRole('dialog', { name: /^What if: watch the master/ });
  await expect(sheet.getByRole('heading', { name: 'Without it' })).toBeVisible();
  await expect(sheet.getByRole('heading', { name: /Moves as it stands/ })).toBeVisible();
  await expect(
    sheet.locator('section').filter({ hasText: 'as it stands' }).getByRole('listitem').first(),
  ).toContainText('Master mounting or firewall flexing');
  await expect(
    sheet.locator('section').filter({ hasText: 'Still' }).getByRole('listitem').first(),
  ).not.toContainText('Master mounting');
  await page.keyboard.press('Escape');
  await expect(
    page.getByRole('region', { name: 'What would have to be true for it to be wrong' }),
  ).toContainText('No single answer carries it');
  await saved(page);
});

test('behind a cause stand what it is taken for, what to do, what that costs, and what the shop has seen', async ({
  page,
}) => {
  await page.goto('/');
  await page.getByRole('link', { name: /Number 7.*Goes soft after five laps/ }).click();
  await page.waitForURL(/\/job\//);
  // It is wanted at four: just before, there is no half hour left to plan.
  const job = `/api/jobs/${page.url().split('/').at(-2)}`;
  const { version } = (await (await page.request.get(job)).json()).job;
  expect((await page.request.patch(job, { data: { version, neededAt: null } })).status()).toBe(200);
  await page.goto(page.url().replace(/[a-z]+$/, 'verdict'));
  const main = page.getByRole('main');
  await expect(main).toContainText('Easily taken for');
  await expect(main).toContainText(
    /moisture reading tells them apart in 3 min: wet is this one, dry is the other/,
  );
  await expect(main).toContainText('What to do: flush with new fluid, about 60 min, fluid only.');
  await expect(main).toContainText(
    /In this shop \d+ of the last \d+ jobs that complained alike (was|were) this/,
  );
  await expect(main).toContainText(/Priors moved by \d+ confirmed jobs of this shop/);
  const rail = page.getByRole('complementary', { name: 'Leaning rail' });
  await rail.getByRole('button', { name: /^The next 30 minutes/ }).click();
  const plan = rail.getByRole('list', { name: 'Plan of the next half hour' });
  await expect(plan.getByRole('listitem').first()).toContainText('Moisture reading');
  await expect(plan).toContainText('while you are there');
});

test('in the pit lane what takes long is not asked for', async ({ page }) => {
  await atNewJob(page, 'Club saloon', 'One wheel hot');
  await key(page, 'Pulls to one side', 'Yes').click();
  await saved(page);
  await page.goto(page.url().replace('complaint', 'checks'));
  const rail = page.getByRole('complementary', { name: 'Leaning rail' });
  await page.getByRole('button', { name: /At hand/ }).click();
  await page.getByRole('radio', { name: 'In the pit lane' }).click();
  await expect(page.getByRole('button', { name: /in the pit lane/ })).toBeVisible();
  await rail.getByRole('button', { name: /^The next 30 minutes/ }).click();
  await expect(rail.getByRole('list', { name: 'Plan of the next half hour' })).toContainText(
    'Tyres: pressure, sizes, flat spots',
  );
  await saved(page);
  await page.reload();
  await expect(page.getByRole('button', { name: /At hand/ })).toContainText('in the pit lane');
});

test('what it knows can be read, searched and disputed; how often it was right is counted', async ({
  page,
  setupAlone: _,
}) => {
  await page.goto('/setup');
  await page.getByRole('link', { name: 'What it knows' }).click();
  await expect(page.getByText(`Version ${KNOWLEDGE_VERSION}`)).toBeVisible();
  await expect(
    page.getByRole('status').filter({ hasText: `${CAUSES.length} of ${CAUSES.length}` }),
  ).toBeVisible();
  await page.getByLabel('Find a cause, a finding or a reason').fill('steam');
  await expect(page.getByRole('main')).toContainText(
    'Steam turns back to fluid as it cools and the pedal looks healthy again',
  );
  await page.getByLabel('Find a cause, a finding or a reason').fill('starts full of air');
  await expect(page.getByRole('row', { name: /A dry caliper starts full of air/ })).toContainText(
    'where nothing else brought it about',
  );
  await page.getByLabel('Find a cause, a finding or a reason').fill('nothing says this');
  await expect(page.getByRole('status').filter({ hasText: `0 of ${CAUSES.length}` })).toBeVisible();
  await page.goto('/setup/calibration');
  await expect(page.getByRole('main')).toContainText('So few say little yet');
  await expect(page.getByRole('row', { name: /^95 % to 100 %/ })).toContainText('fits');
  await expect(page.getByRole('img', { name: /% said, \d+ % so/ })).toBeVisible();
});

test('a shop that wants nothing learned says so', async ({ page, setupAlone: _ }) => {
  await page.goto('/setup');
  await page.getByLabel('Built-in knowledge counts as').fill('0');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.goto('/setup/knowledge');
  await expect(page.getByText('Nothing has been learned from this shop’s own jobs.')).toBeVisible();
  await page.goto('/setup');
  await page.getByLabel('Built-in knowledge counts as').fill('300');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
});

test('of very many pieces of evidence the first are shown, the rest one press away', async ({ page }) => {
  const job = await newJob(page, 'Club saloon', 'Everything at once');
  const corners = ['FL', 'FR', 'RL', 'RR'];
  for (const [finding, state, places] of [
    ['bearing_play', 'excess', corners],
    ['hose_swell', 'yes', corners],
    ['rotor_surface', 'cracked', corners],
    ['wheel_nuts', 'loose', corners],
    ['leak', 'line_or_hose', ['']],
    ['pedal_hold', 'sinks', ['']],
  ] as const)
    for (const place of places) await answerElsewhere(page, job, finding, state, place);
  await page.goto(`${job}/verdict`);
  const holds = page.getByRole('region', { name: 'Holds' });
  const rows = holds.getByText(/^Wanted:/);
  const more = holds.getByRole('button', { name: /more pieces of evidence/ });
  await expect(rows).toHaveCount(12);
  const hidden = Number((await more.textContent())!.trim().split(' ')[0]);
  await more.click();
  await expect(rows).toHaveCount(12 + hidden);
  await expect(more).toHaveCount(0);
});
