import { atNewJob, expect, key, newJob, test } from './test';

/** What stands on file of a job. */
async function answersOf(page: import('@playwright/test').Page, job: string): Promise<string[]> {
  const sheet = await (await page.request.get(`/api${job.replace('/job', '/jobs')}`)).json();
  return sheet.answers.map((row: { finding: string; state: string }) => `${row.finding} ${row.state}`);
}

async function whenWhereOf(page: import('@playwright/test').Page, job: string): Promise<string> {
  return (await (await page.request.get(`/api${job.replace('/job', '/jobs')}`)).json()).job.whenWhere;
}

for (const [what, words, name] of [
  ['full', 'This device’s storage is full.', 'QuotaExceededError'],
  ['denied', 'This browser lets the page keep nothing.', 'SecurityError'],
] as const) {
  test(`storage ${what}: it is said, and every entry is sent all the same`, async ({ page }) => {
    const job = await newJob(page, 'Shop hatch', `Storage ${what}`);
    await page.addInitScript(
      ([kind, error]) => {
        const fail = () => {
          throw new DOMException('provoked', error);
        };
        if (kind === 'denied') {
          Object.defineProperty(window, 'localStorage', { get: fail });
          IDBFactory.prototype.open = fail;
        } else {
          Storage.prototype.setItem = fail;
          IDBObjectStore.prototype.put = fail;
        }
      },
      [what, name],
    );
    await page.goto(`${job}/complaint`);
    await key(page, 'Spongy pedal', 'Yes').click();
    await key(page, 'Hard pedal', 'Yes').click();
    await expect(page.getByText(words)).toBeVisible();
    await expect.poll(() => answersOf(page, job)).toEqual(['pedal_spongy yes', 'pedal_hard yes']);
    await expect(page.getByText('not saved yet')).toHaveCount(0);
    await page.getByLabel('When and where').fill('Said with a full device');
    await page.getByLabel('When and where').blur();
    await expect.poll(() => whenWhereOf(page, job)).toBe('Said with a full device');
    await page.reload();
    await expect(page.getByLabel('When and where')).toHaveValue('Said with a full device');
  });
}

for (const rubbish of ['5', '{"a":1}', '[null]', 'not json']) {
  test(`stored rubbish (${rubbish}) is put aside and said, and the page works`, async ({ page }) => {
    const job = await atNewJob(page, 'Shop hatch', `Rubbish ${rubbish.length}`);
    await page.evaluate((text) => {
      for (const name of [
        'bavrin.outbox',
        'bavrin.kept.lot',
        'bavrin.kept.bench.fluid.typed',
        'bavrin.units',
      ])
        localStorage.setItem(name, text);
    }, rubbish);
    await page.goto(`${job}/complaint`);
    await expect(page.getByText('Something kept on this device could not be read.')).toBeVisible();
    await key(page, 'Spongy pedal', 'Yes').click();
    await expect.poll(() => answersOf(page, job)).toEqual(['pedal_spongy yes']);
    await page.getByRole('button', { name: 'Seen' }).click();
    await expect(page.getByText('could not be read')).toHaveCount(0);
    expect(await page.evaluate(() => localStorage.getItem('bavrin.outbox.unread'))).toBe(rubbish);
    await page.goto('/shelf');
    await expect(page.getByRole('heading', { name: 'Shelf', level: 1 })).toBeVisible();
    await page.goto('/bench/fluid');
    await expect(page.getByRole('heading', { name: 'Fluid' })).toBeVisible();
  });
}
