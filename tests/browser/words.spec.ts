import type { Page } from '@playwright/test';
import { atNewJob, expect, key, keysOf, saved, test } from './test';

const SAID = 'Shakes and squeels after five laps';
const UNDERSTOOD = [
  /^Vibration while braking “Shakes”/,
  /^Squeal “squeels”/,
  /^When it shows: only hot “after five laps”/,
  /^How it is used: track “laps”/,
];

test('the driver’s line is read as it is typed: each answer is offered with its words, none is taken by itself', async ({
  page,
}) => {
  await atNewJob(page, 'Club saloon', SAID);
  const heard = page.getByRole('region', { name: 'Heard in the words' });
  await expect(heard).toContainText('5 laps, hot');
  await expect(heard.getByRole('listitem')).toHaveText(UNDERSTOOD);
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

test('what the line suggests is there with the questions, and the next worth asking takes no room from them', async ({
  page,
}) => {
  await atNewJob(page, 'Car 14, blue coupe', SAID);
  const first = key(page, 'Hard pedal', 'No');
  const head = page.getByRole('heading', { name: /What the driver says/ });
  const top = async () => Math.round((await first.boundingBox())!.y - (await head.boundingBox())!.y);
  const before = await top();
  await expect(page.getByRole('region', { name: 'Heard in the words' })).toBeVisible();
  expect(await top()).toBe(before);
  await first.click();
  await expect(page.getByText('Worth asking now:')).toBeVisible();
  expect(await top()).toBe(before);
});

test('the line that opens a job is read while it is typed', async ({ page }) => {
  await page.goto('/job/new');
  const line = page.getByLabel('What the driver says, in one line');
  const heard = page.getByRole('region', { name: 'Heard so far' });
  await line.fill(SAID);
  await expect(heard).toContainText('5 laps, hot');
  await expect(heard.getByRole('listitem')).toHaveText(UNDERSTOOD);
  await line.fill('Nothing wrong, a look before the season');
  await expect(heard).toBeHidden();
});

test('all that was heard is taken by one press, and only by a press', async ({ page }) => {
  await atNewJob(page, 'Club saloon', SAID);
  const heard = page.getByRole('region', { name: 'Heard in the words' });
  await heard.getByRole('button', { name: 'all 4' }).click();
  await expect(heard).toHaveCount(0);
  await expect(key(page, 'Squeal', 'Yes')).toHaveAttribute('data-state', 'on');
  await expect(key(page, 'When it shows', 'Only hot')).toHaveAttribute('data-state', 'on');
  await saved(page);
  await page.reload();
  await expect(page.getByText(/4 answers/)).toBeVisible();
});

test('what can hold together is heard together, and taken so', async ({ page }) => {
  await atNewJob(page, 'Club saloon', 'Rattles over rough roads, quiet when I touch the brake');
  const heard = page.getByRole('region', { name: 'Heard in the words' });
  await heard.getByRole('button', { name: 'all 3' }).click();
  const when = 'When the noise is there';
  for (const state of ['Gone when braking', 'Over bumps'])
    await expect(key(page, when, state)).toHaveAttribute('data-state', 'on');
  await key(page, when, 'All along').click();
  await key(page, when, 'Over bumps').click();
  await saved(page);
  await page.reload();
  await expect(key(page, when, 'Over bumps')).toHaveAttribute('data-state', 'off');
  for (const state of ['Gone when braking', 'All along'])
    await expect(key(page, when, state)).toHaveAttribute('data-state', 'on');
});

test('where it is goes along: an end of the car from the words, the wheel by a press, and the answer with it', async ({
  page,
}) => {
  await atNewJob(page, 'Club saloon', 'Grinding from the back when I brake');
  const heard = page.getByRole('region', { name: 'Heard in the words' });
  await heard.getByRole('button', { name: /^Grinding rear “Grinding”/ }).click();
  const where = page.getByRole('group', { name: 'Grinding: where' });
  await expect(where.getByRole('radio', { name: 'Rear' })).toBeChecked();
  // Nobody says it twice who says more of it.
  await where.getByText('RL', { exact: true }).click();
  await expect(key(page, 'Grinding, RL', 'Yes')).toHaveAttribute('data-state', 'on');
  await expect(page.getByText('Rotor scored RL').last()).toBeVisible();
  await saved(page);
  await page.reload();
  await expect(page.getByText(/1 answer\b/)).toBeVisible();
  await expect(where.getByRole('radio', { name: 'RL' })).toBeChecked();
  // What is said of one wheel does not go to another, nor to one not known.
  await where.getByText('FR', { exact: true }).click();
  await expect(key(page, 'Grinding, FR', 'Yes')).toHaveAttribute('data-state', 'off');
  await where.getByText('Not known where').click();
  await expect(key(page, 'Grinding', 'Yes')).toHaveAttribute('data-state', 'off');
  await where.getByText('RL', { exact: true }).click();
  await expect(key(page, 'Grinding, RL', 'Yes')).toHaveAttribute('data-state', 'on');
});

test('of what is heard only what this car has is offered', async ({ page }) => {
  await atNewJob(page, 'Car 14', 'Pulls left, front left rim is hot, drums are oval');
  const heard = page.getByRole('region', { name: 'Heard in the words' });
  await expect(heard.getByRole('listitem')).toHaveText([
    /^Which side it pulls to: left “Pulls left”/,
    /^Pulls to one side “Pulls left”/,
    /^Rotor temperatures across the car FL: one hot “front left rim is hot”/,
  ]);
});

test('what only makes sense after an answer is asked after it', async ({ page }) => {
  await atNewJob(page, 'Club saloon', 'Something');
  await expect(key(page, 'Which side it pulls to', 'Left')).toHaveCount(0);
  await key(page, 'Pulls to one side', 'Yes').click();
  await expect(key(page, 'Which side it pulls to', 'Left')).toBeVisible();
  await key(page, 'Pulls to one side', 'No').click();
  await expect(key(page, 'Which side it pulls to', 'Left')).toHaveCount(0);
});

test('chances are told in per cent, and the next check by what it saves', async ({ page }) => {
  await atNewJob(page, 'Club saloon', 'Spongy');
  await key(page, 'Spongy pedal', 'Yes').click();
  const rail = page.getByRole('complementary', { name: 'Leaning rail' });
  await expect(rail.getByRole('listitem').first()).toContainText(/\d+ %/);
  await expect(rail.getByRole('region', { name: 'Worth doing next' })).toContainText(
    /\d+ min, saves about \d+ min/,
  );
});

test('beside the checks the driver is asked first what is worth more, one press a question', async ({
  page,
}) => {
  const job = await atNewJob(page, 'Club saloon', 'Soft and shaking');
  const rail = page.getByRole('complementary', { name: 'Leaning rail' });
  const ask = rail.getByRole('region', { name: 'Worth asking first' });
  await key(page, 'Spongy pedal', 'Yes').click();
  await key(page, 'Vibration while braking', 'Yes').click();
  // The page of the complaint has every question, and marks these.
  await expect(page.getByText('Worth asking now:')).toBeVisible();
  await expect(ask).toHaveCount(0);
  await saved(page);

  await page.goto(`${job}/checks`);
  const question = ask.getByRole('heading');
  const first = (await question.textContent()) ?? '';
  await expect(ask).toContainText(/saves about \d+ min/);
  const guarded = keysWhenAsked(page, first);
  await ask.getByRole('radio').first().click();
  await expect(question).not.toHaveText(first);
  // A press meant for the question before is not taken by the next one.
  expect(await guarded).toBe('disabled');
  await expect(ask.getByRole('radio').first()).toBeEnabled();
  await saved(page);
  await ask.getByRole('button', { name: `Take back: ${first}`, exact: false }).click();
  await expect(question).toHaveText(first);

  // By keys the next question has the focus as soon as it takes a press.
  await expect(ask.getByRole('radio').first()).toBeEnabled();
  await ask.getByRole('radio').first().focus();
  await page.keyboard.press('1');
  await expect(question).not.toHaveText(first);
  await expect(ask.getByRole('radio').first()).toBeFocused();
  const second = (await question.textContent()) ?? '';
  await ask.getByRole('button', { name: 'Nobody can say' }).click();
  // It is not asked again by this device; the next one stands there, if any is still worth more than the check.
  const askedAgain = ask.getByRole('heading', { name: second, exact: true });
  await expect(askedAgain).toHaveCount(0);
  await saved(page);
  await page.reload();
  await expect(rail.getByRole('region', { name: 'Worth doing next' })).toBeVisible();
  await expect(askedAgain).toHaveCount(0);
  await page.goto(`${job}/complaint`);
  await expect(keysOf(page, first).getByRole('radio').first()).toBeChecked();
});

/** Whether the next question takes presses the moment it is there: a machine that is busy sees that moment only from inside the page. */
function keysWhenAsked(page: Page, before: string): Promise<string> {
  return page.evaluate(
    (last) =>
      new Promise((tell) => {
        new MutationObserver((_, observer) => {
          const ask = document.querySelector('[aria-label="Worth asking first"]');
          const question = ask?.querySelector('h3')?.textContent;
          if (!question || question === last) return;
          observer.disconnect();
          tell(ask?.querySelector('[role="radio"]')?.hasAttribute('disabled') ? 'disabled' : 'enabled');
        }).observe(document.body, { subtree: true, childList: true, characterData: true });
      }),
    before,
  );
}

test('what is new is told where the work is: pads, rotors or both, at an end of the car if that is known', async ({
  page,
}) => {
  await atNewJob(page, 'Club saloon', 'Squeals since the new front pads');
  const heard = page.getByRole('region', { name: 'Heard in the words' });
  await heard.getByRole('button', { name: 'all 3' }).click();
  await expect(heard).toHaveCount(0);
  const isNew = page.getByRole('group', { name: 'New', exact: true });
  const pads = isNew.getByRole('button', { name: 'Pads' });
  await expect(pads).toHaveAttribute('aria-pressed', 'true');
  const leaning = page.getByRole('complementary').filter({ hasText: 'Leaning towards' });
  await expect(leaning).not.toContainText('Pads worn out');

  // Taken back where it was told, and told again of the whole car: the end moves there from below.
  await pads.click();
  await expect(pads).toHaveAttribute('aria-pressed', 'false');
  await expect(leaning).toContainText('Pads worn out');
  await isNew.getByRole('button', { name: 'Rotors' }).click();
  await page.getByRole('button', { name: 'Since it was last good' }).click();
  const below = page.locator('#ask-rotors_new');
  await expect(below.getByRole('radio', { name: 'Yes' })).toHaveAttribute('data-state', 'on');
  await below.getByText('Front', { exact: true }).click();
  await expect(below).toContainText('front');
  await expect(below.getByRole('radio', { name: 'Yes' })).toHaveAttribute('data-state', 'on');
  await saved(page);
  await page.reload();
  await expect(isNew.getByRole('button', { name: 'Rotors' })).toHaveAttribute('aria-pressed', 'true');
  await isNew.getByRole('button', { name: 'Rotors' }).click();
  await expect(page.getByText(/2 answers/)).toBeVisible();
});
