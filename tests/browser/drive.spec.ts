import { atNewJob, expect, key, newJob, row, saved, test } from './test';

for (const [width, height] of [
  [1280, 800],
  [390, 844],
] as const) {
  test(`a car goes out on proof, shows so on the board, and is cured only once it came back, ${width} wide`, async ({
    page,
  }) => {
    await page.setViewportSize({ width, height });
    const job = await atNewJob(page, 'Shop hatch', `Grabs from 110 km/h after four laps ${width}`);
    await key(page, 'Pulls to one side', 'Yes').click();
    await key(page, 'Squeal', 'Yes').click();
    await saved(page);
    await page.goto(`${job}/proof`);
    const drive = page.getByRole('region', { name: 'Out on proof' });
    // The conditions are those of the complaint; the pedal comes first.
    await expect(drive.getByLabel('Drive it')).toHaveValue(/4 laps or more; from 110 km\/h/);
    // Whoever is signed in drives, until somebody else is named.
    await expect(drive.getByLabel('Who drives')).toHaveValue('Mira');
    await drive.getByLabel('Who drives').fill('');
    await drive.getByRole('button', { name: 'Out on proof' }).click();
    await expect(drive.getByText('who drives', { exact: true })).toBeVisible();
    await expect(drive.getByRole('alert').filter({ hasText: 'Before it is driven' })).toContainText(
      'Pedal as you find it now is not checked',
    );
    await drive.getByLabel('Who drives').fill('Jo');
    await key(page, 'Pedal as you find it now', 'Firm').click();
    await key(page, 'Hold the pedal firmly for 30 s', 'Holds').click();
    await expect(drive.getByText('Before it is driven')).toHaveCount(0);
    await drive.getByRole('button', { name: 'Out on proof' }).click();
    await saved(page);
    await page.reload();
    await expect(drive).toContainText('Jo drives it since');

    await page.goto('/');
    const card = page.getByRole('listitem').filter({ hasText: `after four laps ${width}` });
    await expect(card).toContainText('Out on proof with Jo');
    await expect(page.getByRole('main')).toContainText('out on proof');
    await card.getByRole('link').click();
    await expect(page).toHaveURL(/proof$/);

    await drive.getByLabel('Laps, or stops').fill('4.5');
    await drive.getByLabel('Air').fill('64 °F');
    await drive.getByRole('button', { name: 'It is back' }).click();
    await expect(drive).toContainText('4.5 is not taken: a whole number is needed');
    await drive.getByLabel('Laps, or stops').fill('6');
    await drive.getByRole('button', { name: 'It is back' }).click();
    await expect(drive).toContainText('6 laps or stops, air 18 °C');
    await expect(page.getByText('Pulls to one side is not asked since the drive')).toBeVisible();
    await drive.getByRole('button', { name: 'None of it came back' }).click();
    await expect(drive.getByText('came right')).toHaveCount(2);
    // One of them was still there: it is driven again.
    await key(page, 'Squeal', 'Yes').click();
    await expect(row(page, 'Squeal')).toContainText('still wrong');
    await expect(drive.getByRole('button', { name: 'Out on proof' })).toBeVisible();
    await key(page, 'Squeal', 'No').click();
    await saved(page);
    await expect(page.getByText('Before it can be closed as cured')).toHaveCount(0);
    expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(width);
    await key(page, 'Outcome', 'Cured').click();
    await page.getByLabel('Something else').selectOption({ label: 'Pads glazed' });
    await page.getByLabel('Closed by').fill('Jo');
    await saved(page);
    await page.getByRole('button', { name: 'Close and write the record' }).click();
    await expect(page).toHaveURL(/ledger/);
    await expect(page.getByRole('main')).toContainText('6 laps or stops, air 18 °C');
  });
}

test.describe('a cut line', () => {
  test.use({ provoked: [/ERR_INTERNET_DISCONNECTED/] });
  test('out and back without a network: both land in their order when it is there again', async ({
    page,
    context,
  }) => {
    const job = await atNewJob(page, 'Shop hatch', 'Squeals on the hill');
    await key(page, 'Squeal', 'Yes').click();
    await saved(page);
    await page.goto(`${job}/proof`);
    await key(page, 'Pedal as you find it now', 'Firm').click();
    await key(page, 'Hold the pedal firmly for 30 s', 'Holds').click();
    await saved(page);
    const drive = page.getByRole('region', { name: 'Out on proof' });
    await drive.getByLabel('Who drives').fill('Jo');
    await expect(drive.getByText('Before it is driven')).toHaveCount(0);
    await context.setOffline(true);
    await drive.getByRole('button', { name: 'Out on proof' }).click();
    await expect(drive).toContainText('Jo drives it since');
    await drive.getByRole('button', { name: 'It is back' }).click();
    await key(page, 'Squeal', 'No').click();
    await expect(drive).toContainText('came right');
    await context.setOffline(false);
    await saved(page);
    await page.reload();
    await expect(drive).toContainText('came right');
  });
});

test('a change is tried over laps: figures with their spread, told apart or not, kept and dropped', async ({
  page,
}) => {
  await page.setViewportSize({ width: 390, height: 844 });
  const job = await newJob(page, 'Shop hatch', 'Runs hot, ducts to be tried');
  await page.goto(`${job}/proof`);
  const trials = page.getByRole('region', { name: 'Laps before and after' });
  await trials.getByText('One change, one day').click();
  await trials.getByLabel('What was changed').fill('Front ducts opened');
  await trials.getByLabel('Told by').selectOption({ label: 'Hottest rotor' });
  await trials.getByLabel('Laps before the change').fill('610 622 9000');
  await expect(trials.getByText('9000 is not taken: 20 to 1200 °C')).toBeVisible();
  await trials.getByLabel('Laps before the change').fill('610 622 615');
  await trials.getByLabel('Laps after it, same day, same driver').fill('601');
  await trials.getByRole('button', { name: 'Note the trial' }).click();
  await expect(trials.getByText('1 figure is not taken: 2 to 60, with spaces between')).toBeVisible();
  await trials.getByLabel('Laps after it, same day, same driver').fill('601 625 612');
  await expect(trials).toContainText('Not told apart: laps differ as much by themselves');
  await trials.getByLabel('Laps after it, same day, same driver').fill('540 1024F 548');
  await expect(trials).toContainText('Better, by more than laps differ by themselves');
  // Half typed, it is there after a reload.
  await page.reload();
  await trials.getByText('One change, one day').click();
  await expect(trials.getByLabel('Laps before the change')).toHaveValue('610 622 615');
  await trials.getByRole('button', { name: 'Note the trial' }).click();
  await saved(page);
  await page.reload();
  await expect(trials).toContainText('Front ducts opened: hottest rotor, tried');
  await expect(trials).toContainText(/Before 616 ± 6.0 over 3, after 546 ± [\d.]+ over 3 °C: −69/);
  expect(await page.evaluate(() => document.documentElement.scrollWidth)).toBeLessThanOrEqual(390);
  await trials.getByRole('button', { name: 'Drop the trial: Front ducts opened' }).click();
  await expect(trials).not.toContainText('Front ducts opened: hottest rotor');
});
