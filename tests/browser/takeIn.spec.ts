import { randomUUID } from 'node:crypto';
import type { APIRequestContext } from '@playwright/test';
import { startingSet } from '../../core/car/startingSets';
import { expect, test } from './test';

/** A car of its own: the demo's cars are counted elsewhere. */
async function newCar(request: APIRequestContext, name: string): Promise<string> {
  const car = { id: randomUUID(), ...startingSet('light_track'), name };
  const reply = await request.post('/api/cars', { data: car });
  expect(reply.ok(), await reply.text()).toBe(true);
  return name;
}

const CSV = [
  'When;Wheel;Pad inner;Pad outer;Remark',
  '3.3.2025;FL;9,8;0.39 in;cold',
  '4.4.2025;front right;9,1;9;',
  '5.5.2025;FL;thick;8;',
].join('\n');

for (const width of [1280, 390])
  test(`a table is shown by its columns, looked over, refused by line, and taken without that line, ${width} wide`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height: 800 });
    const car = await newCar(page.request, `By the book ${width}`);
    await page.goto('/ledger');
    await page.getByRole('link', { name: 'Readings from a table' }).click();
    const picker = page.getByLabel('The table, as CSV');
    await picker.setInputFiles({ name: `book-${width}.csv`, mimeType: 'text/csv', buffer: Buffer.from(CSV) });
    const columns = page.getByRole('region', { name: /its columns$/ });
    await expect(columns.getByLabel('Pad inner')).toHaveValue('inner');
    await expect(columns.getByLabel('Remark')).toHaveValue('');
    await expect(page.getByText('Which column is the day?')).toBeVisible();
    await columns.getByLabel('When').selectOption('day');
    await expect(page.getByText('Of which car is it?')).toBeVisible();
    await page.getByLabel('All of it is of').selectOption({ label: car });
    await page.getByRole('button', { name: 'Look it over' }).click();
    await expect(
      page.getByText('2 readings of 2 days on 1 car; 1 line cannot be taken as it is.'),
    ).toBeVisible();
    await expect(page.getByText('line 4:')).toBeVisible();
    await expect(page.getByRole('main')).toContainText(
      'Inner pad, lowest is "thick": a figure, in mm or with its unit',
    );
    const take = page.getByRole('button', { name: 'Take 2 readings in' });
    await expect(take).toBeDisabled();
    await page.getByRole('checkbox', { name: /^Leave 1 line out/ }).check();
    await take.click();
    await expect(page.getByText('2 readings of 2 days on 1 car taken in.')).toBeVisible();
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    const out = await (await page.request.get('/api/readings/csv')).text();
    expect(out).toMatch(/2025-03-03,[^\r]*FL,9.8,9.90/);
  });

test('a large table shows how far it is, and is ended without a trace', async ({ page }) => {
  const day = (n: number) => new Date(Date.UTC(1995, 0, 1 + n)).toISOString().slice(0, 10);
  const lines = Array.from({ length: 9000 }, (_, n) =>
    ['FL', 'FR', 'RL', 'RR'].map((corner) => `${day(n)},${corner},0.0${n % 9}`).join('\n'),
  );
  const car = await newCar(page.request, 'Many years');
  await page.goto('/ledger/readings');
  await page.getByLabel('The table, as CSV').setInputFiles({
    name: 'years.csv',
    mimeType: 'text/csv',
    buffer: Buffer.from(`Day,Corner,Bearing play\n${lines.join('\n')}\n`),
  });
  await page.getByLabel('All of it is of').selectOption({ label: car });
  await page.getByRole('button', { name: 'Look it over' }).click();
  await page.getByRole('button', { name: /^Take 36/ }).click();
  await expect(page.getByText(/^[1-9][\d ,.]* of 36/)).toBeVisible();
  await page.getByRole('button', { name: 'Stop it, and keep nothing of it' }).click();
  await expect(page.getByRole('button', { name: 'Look it over' })).toBeEnabled();
  await expect
    .poll(async () => (await (await page.request.get('/api/readings/csv')).text()).includes('1996-'))
    .toBe(false);
});
