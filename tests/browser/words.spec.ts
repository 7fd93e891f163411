import { expect, key, newJob, saved, test } from './test';

test('the driver’s line is read as it is typed: each answer is offered with its words, none is taken by itself', async ({
  page,
}) => {
  await newJob(page, 'Club saloon', 'Shakes and squeels after five laps');
  const heard = page.getByRole('region', { name: 'Heard in the words' });
  await expect(heard).toContainText('5 laps, hot');
  await expect(heard.getByRole('button')).toHaveText([
    /^Vibration while braking “Shakes”/,
    /^Squeal “squeels”/,
    /^When it shows: only hot “after five laps”/,
    /^How it is used: track “laps”/,
  ]);
  await expect(key(page, 'Vibration while braking', 'Yes')).toHaveAttribute('data-state', 'off');
  await heard.getByRole('button', { name: /^Vibration while braking/ }).click();
  await expect(key(page, 'Vibration while braking', 'Yes')).toHaveAttribute('data-state', 'on');
  await expect(heard.getByRole('button', { name: /^Vibration while braking/ })).toHaveCount(0);

  await page.getByLabel('When and where').fill('front right smells, nothing wrong with the pedal');
  await expect(heard.getByRole('button', { name: /^Smell or smoke FR “smells”/ })).toBeVisible();
  await heard.getByRole('button', { name: /^Smell or smoke FR/ }).click();
  await saved(page);
  await page.reload();
  await expect(page.getByText(/2 answers/)).toBeVisible();
});

test('what only makes sense after an answer is asked after it', async ({ page }) => {
  await newJob(page, 'Club saloon', 'Something');
  await expect(key(page, 'Which side it pulls to', 'Left')).toHaveCount(0);
  await key(page, 'Pulls to one side', 'Yes').click();
  await expect(key(page, 'Which side it pulls to', 'Left')).toBeVisible();
  await key(page, 'Pulls to one side', 'No').click();
  await expect(key(page, 'Which side it pulls to', 'Left')).toHaveCount(0);
});

test('chances are told in per cent, and the next check by what it saves', async ({ page }) => {
  await newJob(page, 'Club saloon', 'Spongy');
  await key(page, 'Spongy pedal', 'Yes').click();
  const rail = page.getByRole('complementary', { name: 'Leaning rail' });
  await expect(rail.getByRole('listitem').first()).toContainText(/\d+ %/);
  await expect(rail.getByRole('region', { name: 'Worth doing next' })).toContainText(
    /\d+ min, saves about \d+ min/,
  );
});
