import type { Page } from '@playwright/test';
import { expect, key, newJob, row, saved, test } from './test';

const plan = (page: Page) => page.getByRole('complementary', { name: 'Corner plan' });
const CORNERS = ['FL', 'FR', 'RL', 'RR'] as const;
const NAMES = { FL: 'front left', FR: 'front right', RL: 'rear left', RR: 'rear right' } as const;
const RUNOUT = ['0', '.01', '.02', '.03', '.02', '.01', '0', '-.01'];

/** The checks of a new job on one of the demo's cars. */
async function checksOf(page: Page, car: string): Promise<string> {
  const job = await newJob(page, car, 'Measure it all');
  await page.goto(`${job}/checks`);
  return job;
}

async function pick(page: Page, corner: (typeof CORNERS)[number]): Promise<void> {
  const button = plan(page).getByRole('button', { name: new RegExp(`^(${NAMES[corner]}|${corner})`) });
  if ((await button.getAttribute('aria-pressed')) !== 'true') await button.click();
}

async function sheetOf(page: Page, job: string) {
  const id = /job\/([0-9a-f-]+)/.exec(job)![1];
  return (await page.request.get(`/api/jobs/${id}`)).json();
}

test('four corners of pads and rotors go in with nothing but figures and Enter', async ({ page }) => {
  const job = await checksOf(page, 'Club saloon, white');
  await page.getByRole('radio', { name: 'Sheet' }).click();
  let figures = 0;
  let enters = 0;
  const enter = async (text: string) => {
    figures += text.length;
    enters += 1;
    if (text !== '') await page.keyboard.type(text);
    await page.keyboard.press('Enter');
  };
  const first = page.getByLabel('Inner pad FL, leading end');
  await first.focus();
  for (const corner of CORNERS) {
    const thick = corner.startsWith('F') ? '23.4' : '11.5';
    const pads = corner === 'FR' ? ['7.1', '7', '9.2', '9.1'] : ['9', '9.1', '9.2', '9.1'];
    for (const pad of pads) await enter(pad);
    await expect(page.getByLabel(`Runout ${corner} station 1`)).toBeFocused();
    for (const reading of RUNOUT) await enter(reading);
    await enter('');
    for (let station = 0; station < 8; station++) await enter(thick);
  }
  await saved(page);
  const { readings } = await sheetOf(page, job);
  expect(readings.filter((each: { kind: string }) => each.kind === 'pads')).toHaveLength(4);
  expect(readings.filter((each: { kind: string }) => each.kind === 'rotor')).toHaveLength(4);
  // 20 figures and one Enter to leave the round open a corner; the digits themselves and nothing else.
  expect(enters).toBe(4 * 21);
  test.info().annotations.push({
    type: 'figure',
    description: `four corners: ${figures} figures and ${enters} times Enter`,
  });
  await expect(
    plan(page).getByRole('button', { name: /^front right: Pad wear shape, inner thin/ }),
  ).toBeVisible();
});

test('half a set survives a reload, in whichever layout it is taken up again', async ({ page }) => {
  await checksOf(page, 'Club saloon, white');
  await page.getByRole('radio', { name: 'Sheet' }).click();
  await page.getByLabel('Inner pad RL, leading end').fill('8.5');
  await page.getByLabel('Inner pad RL, trailing end').fill('8.4');
  await page.reload();
  await expect(page.getByLabel('Inner pad RL, leading end')).toHaveValue('8.5');
  await page.getByRole('radio', { name: 'Questions' }).click();
  await pick(page, 'RL');
  await expect(page.getByLabel('Inner pad RL, trailing end')).toHaveValue('8.4');
  await page.getByLabel('Outer pad RL, leading end').fill('8.5');
  await page.getByLabel('Outer pad RL, trailing end').fill('8.5');
  await page.getByLabel('Outer pad RL, trailing end').press('Enter');
  await expect(page.getByRole('region', { name: 'Pads RL' })).toContainText('On file: lowest 8.4 mm');
});

/** Whether the field that waits for a figure is hidden by the keys that fill it. */
function underTheKeys(): boolean {
  const keys = document.querySelector('[aria-label="Keys on the screen"]')!.getBoundingClientRect();
  return document.activeElement!.getBoundingClientRect().bottom > keys.top;
}

test.describe('by touch on a phone', () => {
  test.use({ hasTouch: true, isMobile: true, viewport: { width: 390, height: 844 } });

  test('the walk round asks one thing at a time, with keys on the screen, and keeps its place over a reload', async ({
    page,
  }) => {
    const job = await checksOf(page, 'Club saloon, white');
    await page.getByRole('radio', { name: 'Walk round' }).tap();
    const walk = page.getByRole('region', { name: 'Walk round the car' });
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText('Pedal as you find it now');
    await walk.getByRole('button', { name: 'Firm' }).tap();
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText('Pump the pedal');
    await walk.getByRole('button', { name: 'Skip' }).tap();
    await walk.getByRole('button', { name: /^FL: front left/ }).tap();
    await expect(walk).toContainText('Front left');
    // Nuts and tyre before the wheel comes off, then leaks and colour.
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText('Wheel nuts and studs, wheel still on');
    for (let skipped = 0; skipped < 4; skipped++) await walk.getByRole('button', { name: 'Skip' }).tap();
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText('Rotor face');
    await walk.getByRole('button', { name: /^Streaks/ }).tap();
    await walk.getByRole('button', { name: /^Heat checked/ }).tap();
    await walk.getByRole('button', { name: 'Next', exact: true }).tap();
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText('Behind the shield');
    await page.reload();
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText('Behind the shield');
    await walk.getByRole('button', { name: 'Skip' }).tap();
    await walk.getByRole('button', { name: 'Skip' }).tap();
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText('Pads');

    await page.getByLabel('Inner pad FL, leading end').tap();
    const keys = page.getByRole('region', { name: 'Keys on the screen' });
    const press = async (text: string) => {
      for (const character of text)
        await keys.getByRole('button', { name: character === '.' ? 'Point' : character, exact: true }).tap();
      await keys.getByRole('button', { name: 'Next' }).tap();
    };
    await press('7.5');
    // On its side the keys leave half of the phone to what they fill.
    await page.setViewportSize({ width: 844, height: 390 });
    await expect.poll(() => page.evaluate(underTheKeys)).toBe(false);
    expect((await keys.boundingBox())!.height).toBeLessThan(390 / 2);
    await page.setViewportSize({ width: 390, height: 844 });
    await press('7.4');
    await press('7.6');
    await keys.getByRole('button', { name: '8', exact: true }).tap();
    await keys.getByRole('button', { name: 'Delete the last figure' }).tap();
    await expect(keys.getByText('–')).toBeVisible();
    await press('7.5');
    await expect(walk.getByRole('heading', { level: 3 })).toHaveText('Pad face');
    await saved(page);
    const { readings, answers } = await sheetOf(page, job);
    expect(readings[0].input.corners.FL).toEqual({
      inner: { leading: 7.5, trailing: 7.4 },
      outer: { leading: 7.6, trailing: 7.5 },
    });
    expect(
      answers.map(
        (each: { finding: string; place: string; state: string }) => `${each.finding} ${each.state}`,
      ),
    ).toEqual(['pedal_now firm', 'rotor_surface streaks', 'rotor_surface streaks,heat_checked']);
    const overflow = await page.evaluate(
      () => document.documentElement.scrollWidth - document.documentElement.clientWidth,
    );
    expect(overflow).toBeLessThanOrEqual(0);
    await walk.getByRole('button', { name: /^Seat/ }).tap();
    await walk.getByRole('button', { name: 'Next', exact: true }).tap();
    await expect(walk).toContainText('skipped before');
  });

  test('a full rotor and four corners of pads go in by the keys on the screen', async ({ page }) => {
    test.slow();
    const job = await checksOf(page, 'Club saloon, white');
    await page.getByRole('radio', { name: 'Sheet' }).tap();
    const keys = page.getByRole('region', { name: 'Keys on the screen' });
    const names: Record<string, string> = { '.': 'Point', '-': 'Plus or minus' };
    const press = async (text: string) => {
      for (const character of text)
        await keys.getByRole('button', { name: names[character] ?? character, exact: true }).tap();
      await keys.getByRole('button', { name: 'Next' }).tap();
    };
    for (const corner of CORNERS) {
      await page.getByLabel(`Inner pad ${corner}, leading end`).tap();
      await expect.poll(() => page.evaluate(underTheKeys)).toBe(false);
      // Thinner than any other test leaves this car's pads: thicker ones would be asked about.
      for (const pad of ['6.9', '6.8', '6.9', '6.9']) await press(pad);
      if (corner !== 'RL') continue;
      for (const reading of ['0', '.01', '.02', '.01', '0', '-.01', '-.02', '-.01', '']) await press(reading);
      // A reload in the middle: the round stays, the thickness is taken up where it was left.
      await page.reload();
      await expect(page.getByLabel('Runout RL station 6')).toHaveValue('-.01');
      await page.getByLabel('Thickness RL station 1').tap();
      for (let station = 0; station < 8; station++) await press('11.3');
    }
    await saved(page);
    const { readings } = await sheetOf(page, job);
    const kinds = readings.map((each: { kind: string; corner: string }) => `${each.kind} ${each.corner}`);
    expect(kinds.sort()).toEqual(['pads FL', 'pads FR', 'pads RL', 'pads RR', 'rotor RL']);
  });
});

test('a reading is shown as it was entered, in inches and Fahrenheit too, and a correction keeps the old one in sight', async ({
  page,
}) => {
  const job = await checksOf(page, 'Club saloon, white');
  await pick(page, 'FL');
  await page.getByRole('radio', { name: 'in', exact: true }).click();
  await page.getByRole('radio', { name: '°F' }).click();
  await row(page, 'Wheel bearing play, FL').getByRole('button', { name: 'Measure it' }).click();
  const bearing = page.getByRole('region', { name: 'Bearing play FL' });
  await expect(bearing).toContainText('At most 0.0020 in (common practice)');
  await bearing.getByLabel('Play FL').fill('0.004');
  await bearing.getByLabel('Play FL').press('Enter');
  await expect(bearing).toContainText('On file: 0.0040 in');
  await expect(bearing).toContainText('Entered as 0.004 in.');
  await saved(page);
  expect((await sheetOf(page, job)).readings[0].input.playMm).toBeCloseTo(0.1016, 9);
  await bearing.getByLabel('Play FL').fill('0.03 mm');
  await bearing.getByRole('button', { name: 'Correct the play FL' }).click();
  await expect(bearing).toContainText('Before: 0.0040 in');
  await expect(bearing.locator('s')).toHaveText('0.0040 in');
  await page.getByLabel('Boils at').fill('410');
  await page.getByRole('button', { name: 'Take the reading', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Fluid' })).toContainText('On file: boils 410 °F');
  const note = row(page, 'Boiling point reading').getByRole('button', { name: /Fluid reading: ok/ });
  await note.click();
  await expect(row(page, 'Boiling point reading')).toContainText('392 °F, common practice');
  await expect(row(page, 'Boiling point reading')).toContainText('brought to sea level');
});

test('a drifting round is reported, can be spread, and a station that stands apart is pointed at', async ({
  page,
}) => {
  await checksOf(page, 'Club saloon, white');
  await pick(page, 'RR');
  const rotor = page.getByRole('region', { name: 'Rotor RR' });
  for (const [station, reading] of RUNOUT.entries())
    await rotor.getByLabel(`Runout RR station ${station + 1}`).fill(reading);
  await rotor.getByLabel('Station 1 again RR').fill('.03');
  await expect(rotor.getByRole('status')).toContainText('Station 1 came back 0.030 mm away');
  await rotor.getByRole('button', { name: 'Spread it' }).click();
  await expect(rotor.getByRole('status')).toContainText('The drift is spread over the stations.');
  await rotor.getByLabel('Station 1 again RR').fill('.005');
  await expect(rotor.getByRole('status')).toContainText('The round closes within 0.005 mm');
  await rotor.getByLabel('Runout RR station 6').fill('.2');
  await expect(rotor).toContainText('Station 6 stands');
  await rotor.getByLabel('Thickness RR station 1').fill('11.5');
  await rotor.getByRole('button', { name: 'Take the reading RR' }).click();
  await expect(rotor.getByRole('alert')).toContainText('still missing');
  await expect(rotor.getByLabel('Thickness RR station 2')).toBeFocused();
  await rotor.getByRole('button', { name: 'One more round' }).click();
  await expect(rotor.getByLabel('Round 2 RR station 8')).toBeVisible();
  await rotor.getByRole('radio', { name: 'Own' }).click();
  await rotor.getByLabel('How many').fill('5');
  await expect(rotor.getByText('5: 6 to 72 stations')).toBeVisible();
  await rotor.getByLabel('How many').fill('10');
  await expect(rotor.getByLabel('Runout RR station 10')).toBeVisible();
  await expect(rotor.getByLabel('Runout RR station 2')).toHaveValue('.01');
});

test('a hub that leans with its rotor is answered with the stud to turn to', async ({ page }) => {
  await checksOf(page, 'Club saloon, white');
  await pick(page, 'FL');
  const rotor = page.getByRole('region', { name: 'Rotor FL' });
  const wave = (size: number) =>
    Array.from({ length: 8 }, (_, station) => ((size / 2) * Math.cos((station * Math.PI) / 4)).toFixed(3));
  for (const [station, reading] of wave(0.11).entries())
    await rotor.getByLabel(`Runout FL station ${station + 1}`).fill(reading);
  await rotor.getByRole('button', { name: 'Take the reading FL' }).click();
  await expect(rotor).toContainText('0.060 over 0.050');
  await row(page, 'Hub face runout, rotor removed, FL').getByRole('button', { name: 'Measure it' }).click();
  const hub = page.getByRole('region', { name: 'Hub face FL' });
  for (const [station, reading] of wave(0.036).entries()) {
    await hub.getByLabel(`Hub face FL station ${station + 1}`).fill(reading);
  }
  await expect(hub).toContainText('0.006 mm over 0.030 mm');
  await expect(hub).toContainText(/Turn the rotor 2 studs on: its stud-1 hole to stud 3\./);
  await expect(hub).toContainText('2 on: 0.0');
  await hub.getByLabel('Hub face FL station 8').press('Enter');
  await expect(row(page, 'Hub face runout, rotor removed, FL')).toContainText('Hub face reading FL: high.');
});

test('a pad that grew is asked about, and its life is told against the next event', async ({ page }) => {
  const job = await checksOf(page, 'Car 14, blue coupe');
  await pick(page, 'FL');
  const pads = page.getByRole('region', { name: 'Pads FL' });
  const type = async (mm: string) => {
    for (const at of [
      'Inner pad FL, leading end',
      'Inner pad FL, trailing end',
      'Outer pad FL, leading end',
      'Outer pad FL, trailing end',
    ])
      await pads.getByLabel(at).fill(mm);
  };
  await type('8.1');
  await expect(pads).toContainText(/sessions left to 7\.5 mm/);
  await expect(pads).toContainText('Winter meeting (6 sessions)');
  await type('14');
  await expect(pads).toContainText('A pad does not grow back.');
  await pads.getByRole('button', { name: 'Take the pads FL' }).click();
  await expect(pads.getByText('Say first whether these are new pads')).toBeVisible();
  await pads.getByLabel('New pads were fitted').check();
  await pads.getByRole('button', { name: 'Take the pads FL' }).click();
  await saved(page);
  expect((await sheetOf(page, job)).readings[0].why).toBe('new pads fitted');
});

test('a judder is tapped along with and told by its order', async ({ page }) => {
  await checksOf(page, 'Club saloon, white');
  await row(page, 'Judder order').getByRole('button', { name: 'Measure it' }).click();
  const judder = page.getByRole('region', { name: 'Judder' });
  await judder.getByLabel('Speed').fill('40');
  const pad = judder.getByRole('button', { name: 'Tap the beat' });
  await pad.focus();
  // The wheel of this car turns 5.6 times a second at 40 km/h; a finger is not that steady, so only a beat is asked for.
  for (let tap = 0; tap < 6; tap++) {
    await page.keyboard.press('Space', { delay: 180 });
  }
  await expect(judder.getByRole('status')).toContainText(/a second over \d taps/);
  await judder.getByLabel('Beats a second').fill('11.2');
  await expect(judder).toContainText('order 2.00: 2 times a turn');
  await judder.getByLabel('Beats a second').press('Enter');
  await expect(row(page, 'Judder order')).toContainText('Judder reading: twice or more.');
});

test('a shop’s own limit is held to and named; a car’s own comes before it', async ({
  page,
  setupAlone: _,
}) => {
  await page.goto('/setup');
  await page.getByLabel('Bearing play').fill('0.2');
  await page.getByLabel('Dry below').fill('4');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/4 is not taken: below “Wet from” \(3\)/)).toBeVisible();
  await expect(page.getByLabel('Bearing play')).toHaveValue('0.2');
  await page.getByLabel('Dry below').fill('');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await checksOf(page, 'Club saloon, white');
  await pick(page, 'FL');
  await row(page, 'Wheel bearing play, FL').getByRole('button', { name: 'Measure it' }).click();
  const bearing = page.getByRole('region', { name: 'Bearing play FL' });
  await bearing.getByLabel('Play FL').fill('0.15');
  await bearing.getByLabel('Play FL').press('Enter');
  await expect(bearing).toContainText('At most 0.200 mm (the shop’s own)');
  await expect(row(page, 'Wheel bearing play, FL')).toContainText(
    'Bearing play reading FL: inside the limit.',
  );
  await page.goto('/setup');
  await page.getByLabel('Bearing play').fill('');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
});

test('whole-car questions keep their keys beside the forms', async ({ page }) => {
  await checksOf(page, 'Club saloon, white');
  await key(page, 'Reservoir level', 'Low').click();
  await page.getByRole('radio', { name: 'Opened', exact: true }).click();
  await page.getByLabel('Opened, days ago').fill('9');
  await page.getByLabel('Water').fill('1.2');
  await page.getByRole('button', { name: 'Take the reading', exact: true }).click();
  await expect(page.getByRole('region', { name: 'Fluid' })).toContainText(
    'The bottle has been open 9 days, more than 3: not fresh fluid for the track.',
  );
});

test('what is half typed goes over to other units with the switch, and a car is shown and kept in them', async ({
  page,
}) => {
  const job = await checksOf(page, 'Club saloon, white');
  await pick(page, 'FL');
  const first = page.getByLabel('Runout FL station 1', { exact: true });
  await first.fill('0.0508');
  await page.getByRole('radio', { name: 'in', exact: true }).click();
  await expect(first).toHaveValue('0.002');
  await page.getByRole('radio', { name: 'mm', exact: true }).click();
  await expect(first).toHaveValue('0.0508');
  await page.getByRole('radio', { name: 'in', exact: true }).click();

  await page.goto(`/car/${(await sheetOf(page, job)).car.id}`);
  await page.getByRole('link', { name: 'Edit', exact: true }).click();
  const rotor = page.getByLabel('Rotor new').first();
  // Its figure comes when the page is awake: what is typed before that and reloaded at once is nobody's.
  await expect(rotor).toHaveValue(/^[01]\.\d+$/);
  await page.getByLabel('Mass', { exact: true }).fill('3000');
  await page.reload();
  await expect(page.getByLabel('Mass', { exact: true })).toHaveValue('3000');
  await page.getByRole('button', { name: 'Save the car' }).click();
  await expect(page.getByRole('heading', { level: 1, name: 'Club saloon, white' })).toBeVisible();
  await expect(page.getByText('3000 lb')).toBeVisible();
  expect((await sheetOf(page, job)).car.massKg).toBeCloseTo(1360.777, 3);
});

test('a pedal is read under a scale: it counts as soft against the car’s own good one, and is drawn before it', async ({
  page,
}) => {
  const job = await checksOf(page, 'Number 7, open two-seater');
  await row(page, 'Pedal as you find it now').getByRole('button', { name: 'Measure it' }).click();
  const pedal = page.getByRole('region', { name: 'Pedal firmness' });
  await pedal.getByRole('button', { name: 'Take the pedal' }).click();
  await expect(pedal.getByText('0 of the first press is not taken')).toBeVisible();
  const type = async (column: string, ...figures: string[]) => {
    for (const [at, figure] of figures.entries())
      await pedal.getByLabel(`${column}, row ${at + 1}`).fill(figure);
  };
  await type('First press', '28', '44', '900');
  await expect(pedal.getByText(/^900 is not taken: /)).toBeVisible();
  await type('First press', '28', '44', '62', '76');
  await type('Third press', '26', '38', '50', '60');
  await pedal.getByLabel('Room to the floor').fill('70');
  await expect(pedal.getByText('70 is not taken: the pedal went 76 mm')).toBeVisible();
  await pedal.getByLabel('Room to the floor').fill('110');
  await expect(pedal).toContainText('Rises by pumping');
  await expect(pedal.getByRole('img', { name: 'Force over travel of the pedal' })).toBeVisible();
  // Half a set survives a reload.
  await page.reload();
  await row(page, 'Pedal as you find it now').getByRole('button', { name: 'Measure it' }).click();
  await expect(pedal.getByLabel('First press, row 4')).toHaveValue('76');
  await pedal.getByRole('button', { name: 'Take the pedal' }).click();
  await expect(pedal).toContainText('On file: 76 mm at 450 N');
  await expect(row(page, 'Pump the pedal')).toContainText('Pedal firmness reading: rises');
  await saved(page);
  // The bench begins with it.
  const { car } = await sheetOf(page, job);
  await page.goto(`/bench/pedal?car=${car.id}`);
  await expect(page.getByLabel('Travel now, row 4')).toHaveValue('76');
  await expect(page.getByLabel('Room to the floor')).toHaveValue('110');
});
