import { atNewJob, expect, handOnLine, key, saved, test, withoutLine } from './test';

test('a half-written complaint survives a reload before the job is opened', async ({ page }) => {
  await page.goto('/job/new');
  await page.getByLabel('What the driver says, in one line').fill('Half a sent');
  await page.reload();
  await expect(page.getByLabel('What the driver says, in one line')).toHaveValue('Half a sent');
});

test('a day on track and a part that are half noted survive a reload; what is refused is said at its field', async ({
  page,
}) => {
  await page.goto('/');
  await page
    .getByRole('link', { name: /^Club saloon/ })
    .last()
    .click();
  await page.waitForURL(/\/car\//);
  await page.getByRole('button', { name: 'Add a day' }).click();
  const name = `Half noted ${Date.now().toString(36)}`;
  await page.getByLabel('Event', { exact: true }).fill(name);
  await page.getByLabel('Sessions', { exact: true }).fill('many');
  await page.getByRole('button', { name: 'Note a part' }).click();
  await page.getByLabel('What', { exact: true }).fill('Hose, front left');
  await page.reload();
  await page.getByRole('button', { name: 'Note a part' }).click();
  await expect(page.getByLabel('What', { exact: true })).toHaveValue('Hose, front left');
  await page.getByRole('button', { name: 'Leave it' }).click();
  await page.getByRole('button', { name: 'Add a day' }).click();
  await expect(page.getByLabel('Event', { exact: true })).toHaveValue(name);
  await page.getByLabel('Date', { exact: true }).fill('2026-11-26');
  const note = page.getByRole('button', { name: 'Note it' });
  await note.click();
  await expect(page.getByText('"many" is not taken: a number is needed')).toBeVisible();
  await expect(page.getByLabel('Sessions', { exact: true })).toHaveValue('many');
  await page.getByLabel('Sessions', { exact: true }).fill('4');
  await note.click();
  await expect(page.getByRole('button', { name: `Drop ${name}` })).toBeVisible();
  await page.getByRole('button', { name: 'Add a day' }).click();
  await expect(page.getByLabel('Event', { exact: true })).toHaveValue('');
});

test.describe(() => {
  test.use({ provoked: [/net::ERR_FAILED/] });
  test('answers and words given without a network are kept over a reload and sent when it is back', async ({
    page,
    context,
  }) => {
    const url = `${await atNewJob(page, 'Shop hatch', 'Offline')}/complaint`;
    await context.route('**/api/**', (route) => route.abort());
    await key(page, 'Spongy pedal', 'Yes').click();
    await page.getByLabel('When and where').fill('In the tunnel');
    await page.getByLabel('When and where').blur();
    await expect(page.getByText('2 entries not saved yet.')).toBeVisible();
    await expect(page.getByRole('complementary', { name: 'Leaning rail' })).toContainText('Air in the lines');
    await page.reload();
    await expect(key(page, 'Spongy pedal', 'Yes')).toHaveAttribute('data-state', 'on');
    await expect(page.getByLabel('When and where')).toHaveValue('In the tunnel');
    await context.unroute('**/api/**');
    await saved(page);
    await page.goto(url);
    await expect(key(page, 'Spongy pedal', 'Yes')).toHaveAttribute('data-state', 'on');
    await expect(page.getByLabel('When and where')).toHaveValue('In the tunnel');
  });
});

test.describe(() => {
  test.use({ provoked: [/409 \(Conflict\)/] });
  test('two people answer the same question: both versions are shown, and one decides', async ({
    page,
    browser,
    baseURL,
  }) => {
    const url = `${await atNewJob(page, 'Shop hatch', 'Two people')}/complaint`;
    const other = await browser.newPage({ baseURL });
    // One whose line to the server is down does not see the other's answer come.
    await withoutLine(other);
    await other.goto(url);
    await key(page, 'Hard pedal', 'Yes').click();
    await saved(page);
    await key(other, 'Hard pedal', 'No').click();
    await expect(other.getByText('1 entry was not taken.')).toBeVisible();
    await other.getByRole('button', { name: 'Look' }).click();
    await expect(other.getByRole('dialog')).toContainText('Hard pedal: no');
    await expect(other.getByRole('dialog')).toContainText('On file: yes');
    await other.getByRole('button', { name: 'Record mine over it' }).click();
    await saved(other);
    await page.goto(url);
    await expect(key(page, 'Hard pedal', 'No')).toHaveAttribute('data-state', 'on');
    await other.close();
  });
});

test.describe(() => {
  test.use({ provoked: [/409 \(Conflict\)/] });
  test('a change of another field by somebody else is no conflict', async ({ page, browser, baseURL }) => {
    const url = `${await atNewJob(page, 'Shop hatch', 'Two fields')}/complaint`;
    const other = await browser.newPage({ baseURL });
    await other.goto(url);
    await page.getByLabel('When and where').fill('Turn 4');
    await page.getByLabel('When and where').blur();
    await saved(page);
    await other.getByLabel('In one line').fill('Two fields, both kept');
    await other.getByLabel('In one line').blur();
    await saved(other);
    await page.goto(url);
    await expect(page.getByLabel('In one line')).toHaveValue('Two fields, both kept');
    await expect(page.getByLabel('When and where')).toHaveValue('Turn 4');
    await other.close();
  });
});

test('the car form keeps what was typed over a reload, and names what it refuses', async ({ page }) => {
  await page.goto('/car/new');
  await page.getByRole('button', { name: /^Hatch/ }).click();
  await page.getByLabel('What the shop calls it').fill('Half a car');
  await page.getByRole('button', { name: 'The rest, where it is known' }).click();
  await page.getByLabel('Mass', { exact: true }).fill('90');
  // A set comes in over what is still its own, never over what was typed.
  await page.getByRole('button', { name: /^Saloon/ }).click();
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('90');
  await page.getByRole('button', { name: /^Hatch/ }).click();
  await page.getByLabel('Master bore', { exact: true }).fill('7/8 in');
  await page.reload();
  await expect(page.getByLabel('What the shop calls it')).toHaveValue('Half a car');
  await page.getByRole('button', { name: 'Save the car' }).click();
  await expect(page.getByText('Mass is 90: 150 to 4000 kg is accepted')).toBeVisible();
  await expect(page.getByLabel('Master bore', { exact: true })).toHaveValue('7/8 in');
  await page.getByLabel('Mass', { exact: true }).fill('900');
  await page.getByRole('button', { name: 'Save the car' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Half a car' })).toBeVisible();
  await expect(page.getByRole('main')).toContainText('22.23 mm');
});

test('an answer pressed twice is taken back, and the record keeps both', async ({ page, request }) => {
  const url = `${await atNewJob(page, 'Shop hatch', 'Slip of the finger')}/complaint`;
  await key(page, 'Squeal', 'Yes').click();
  await saved(page);
  await key(page, 'Squeal', 'Yes').click();
  await saved(page);
  await expect(page.getByRole('complementary', { name: 'Leaning rail' })).toContainText(
    'Nothing to go on yet',
  );
  const id = /job\/([0-9a-f-]+)/.exec(url)![1];
  const sheet = await (await request.get(`/api/jobs/${id}`)).json();
  expect(sheet.answers.map((row: { state: string | null }) => row.state)).toEqual(['yes', null]);
});

test.describe('a newer version', () => {
  test.use({ provoked: [/ERR_FAILED/] });

  test('a page that is older than the server says so, and loses nothing by being loaded anew', async ({
    page,
  }) => {
    await handOnLine(page);
    const job = await atNewJob(page, 'Shop hatch', 'Open while the tool was renewed');
    await page.route('**/api/jobs/*/answers', (line) => line.abort());
    await page.route('**/api/health', (line) =>
      line.fulfill({ json: { app: 'bavrin', ok: true, build: 'a newer one' } }),
    );
    await key(page, 'Spongy pedal', 'Yes').click();
    // What listens for it comes after the page.
    await expect(async () => {
      await page.evaluate(() => document.dispatchEvent(new Event('visibilitychange')));
      await expect(page.getByText('This page is older than the shop’s tool.')).toBeVisible({ timeout: 500 });
    }).toPass();
    await page.unroute('**/api/jobs/*/answers');
    await page.unroute('**/api/health');
    await page.getByRole('button', { name: 'Load it anew' }).click();
    await expect(page).toHaveURL(new RegExp(`${job}/complaint$`));
    await saved(page);
    await expect(key(page, 'Spongy pedal', 'Yes')).toHaveAttribute('data-state', 'on');
    await expect(page.getByText('This page is older')).toHaveCount(0);
  });
});

test.describe('a device that was away for long', () => {
  test.use({ provoked: [/ERR_FAILED|ERR_INTERNET_DISCONNECTED/] });

  test('shows nothing more once a sign-in would have ended, unless the server says otherwise', async ({
    page,
  }) => {
    await page.clock.install();
    await handOnLine(page);
    await page.goto('/');
    await expect(page.getByRole('heading', { name: /in the bay/ })).toBeVisible();
    await page.clock.fastForward(336 * 3_600_000 + 120_000);
    await expect(page.getByRole('heading', { name: /in the bay/ })).toBeVisible();
    await page.route('**/api/**', (line) => line.abort());
    await page.clock.fastForward('00:02:00');
    await expect(page.getByRole('heading', { name: 'Kept longer than a sign-in lasts' })).toBeVisible();
    await page.unroute('**/api/**');
    await page.clock.fastForward('00:02:00');
    await expect(page.getByRole('heading', { name: /in the bay/ })).toBeVisible();
  });
});
