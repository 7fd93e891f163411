import { expect, test } from './test';

test('what is due is read under a private address, which is shown once and can be ended', async ({
  page,
  browser,
}) => {
  await page.goto('/setup');
  const panel = page.getByRole('region', { name: 'Calendar' });
  await panel.getByRole('button', { name: /^Make / }).click();
  const address = await panel.getByLabel('The address, shown this once').inputValue();
  expect(address).toMatch(/\/calendar\/[\w-]{43}\.ics$/);
  // A calendar program is nobody's browser.
  const elsewhere = await browser.newContext();
  const read = async () => elsewhere.request.get(address);
  const reply = await read();
  expect(reply.status()).toBe(200);
  expect(await reply.text()).toContain('Winter meeting');
  await page.goto('/setup');
  await expect(panel).toContainText('An address is good since');
  await expect(panel.getByLabel('The address, shown this once')).toHaveCount(0);
  await panel.getByRole('button', { name: 'End it' }).click();
  await expect(panel.getByRole('button', { name: 'Make an address' })).toBeVisible();
  expect((await read()).status()).toBe(404);
  const file = page.waitForEvent('download');
  await panel.getByRole('link', { name: 'As a file' }).click();
  expect((await file).suggestedFilename()).toBe('bavrin.ics');
  await elsewhere.close();
});
