import postgres from 'postgres';
import { expect, newJob, test } from './test';

test('the fluid bench puts the fluid on its curve, corrects for altitude, and says the margin', async ({
  page,
}) => {
  await page.goto('/bench/fluid');
  await page.getByLabel('Water', { exact: true }).fill('2');
  await page.getByLabel('Altitude').fill('1500');
  await page.getByLabel('Caliper peak').fill('160');
  const figures = page.getByRole('main');
  await expect(figures).toContainText('181 °C');
  await expect(figures).toContainText('173 °C');
  await expect(figures).toContainText('17 short of 30');
  await expect(page.getByRole('img', { name: /this fluid at 2.0 % water boils at 181/ })).toBeVisible();
  await page.getByRole('radiogroup', { name: 'Use' }).getByRole('radio', { name: 'Road' }).click();
  await expect(figures).toContainText('inside, 0 needed');
});

test('the bench holds a fluid against the shop’s own limits, in the units of this device', async ({
  page,
  setupAlone: _,
}) => {
  // Past the setup page: what is looked at here is the bench.
  const sql = postgres(process.env.BAVRIN_SHOP_URL!, { max: 1 });
  await sql`insert into shop_limits (name, value) values ('wetFromPct', 2.5)`;
  try {
    await page.goto('/bench/fluid');
    await page.getByLabel('Water', { exact: true }).fill('2.7');
    await expect(page.getByRole('main')).toContainText('wet, from 2.5 %: replace it');
    await page.evaluate(() => localStorage.setItem('bavrin.units', '{"temperatureUnit":"°F"}'));
    await page.reload();
    await expect(page.getByRole('main')).toContainText('Boils at, as read°F');
    await page.getByLabel('Boils at, as read').fill('400');
    await page.getByLabel('Altitude').fill('0');
    await expect(page.getByRole('main')).toContainText('400 °F');
    await expect(page.getByRole('main')).toContainText('inside, 392 °F or more');
    await page.getByLabel('Boils at, as read').fill('900');
    await expect(page.getByText(/900 is not taken: 230 to 626 °F/)).toBeVisible();
  } finally {
    await sql`delete from shop_limits where name = 'wetFromPct'`;
    await sql.end();
  }
});

test('the bench converts units and refuses what cannot be', async ({ page }) => {
  await page.goto('/bench/fluid');
  await page.getByLabel('Water', { exact: true }).fill('');
  await page.getByLabel('Altitude').fill('0');
  await page.getByLabel('Boils at, as read').fill('400 F');
  await expect(page.getByRole('main')).toContainText('204 °C');
  await page.getByLabel('Boils at, as read').fill('250');
  await expect(page.getByText('Better than its class, which asks for 230 °C.')).toBeVisible();
  await page.getByLabel('Product, dry').fill('265');
  await page.getByLabel('Product, wet').fill('170');
  await expect(page.getByText(/from the boiling point, 0.3 to 0.5 % by a tester 3 K off/)).toBeVisible();
  await page.getByLabel('Boils at, as read').fill('340');
  await expect(page.getByText('340 is not taken: 110 to 330 °C')).toBeVisible();
  await page.getByLabel('Class', { exact: true }).selectOption('DOT5');
  await page.getByLabel('Water', { exact: true }).fill('1');
  await expect(page.getByText(/water does not dissolve in silicone/)).toBeVisible();
});

test('setup keeps the shop’s ways, and the plan follows them', async ({ page, setupAlone: _ }) => {
  await page.goto('/setup');
  await page.getByLabel('Working pressure').fill('15 psi');
  await expect(page.getByText(/15 psi, 1.03 bar/)).toBeVisible();
  await page.getByLabel('Working pressure').fill('900');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText(/900 is not taken: 20 to 200 kPa/)).toBeVisible();
  await page.getByLabel('Working pressure').fill('120');
  await page.getByRole('button', { name: 'Save' }).click();
  await expect(page.getByText('Saved.')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Working pressure')).toHaveValue('120');
});

test.describe(() => {
  test.use({ provoked: [/409 \(Conflict\)/] });
  test('settings that two people change keep what each of them typed', async ({
    page,
    browser,
    baseURL,
    setupAlone: _,
  }) => {
    await page.goto('/setup');
    const fields = ['Working pressure', 'Circuit nearby'].map((label) => page.getByLabel(label));
    const before = await Promise.all(fields.map((field) => field.inputValue()));
    await page.getByLabel('Working pressure').fill('130');
    const other = await browser.newPage({ baseURL });
    await other.goto('/setup');
    await other.getByLabel('Working pressure').fill('140');
    await other.getByLabel('Circuit nearby').fill('The long one');
    await other.getByRole('button', { name: 'Save' }).click();
    await expect(other.getByText('Saved.')).toBeVisible();
    await other.close();
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText(/changed by somebody else .* look it over, then save again/)).toBeVisible();
    const both = async () => {
      await expect(page.getByLabel('Working pressure')).toHaveValue('130');
      await expect(page.getByLabel('Circuit nearby')).toHaveValue('The long one');
    };
    await both();
    await expect(page.getByText('On file it is 140 kPa by now: yours stays when you save')).toBeVisible();
    await page.reload();
    await both();
    const left = page.getByRole('status').filter({ hasText: 'not saved' });
    await expect(left).toContainText('one field');
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
    await page.reload();
    await both();
    await expect(left).toHaveCount(0);
    for (const [at, field] of fields.entries()) await field.fill(before[at]!);
    await page.getByRole('button', { name: 'Save' }).click();
    await expect(page.getByText('Saved.')).toBeVisible();
  });
});

test('the pedal’s bench, by keyboard alone: gas against flex, each suspect’s millimetres, kept over a reload', async ({
  page,
}) => {
  await page.goto('/bench/pedal');
  await expect(page.getByText('three tell gas from flex')).toBeVisible();
  await page.getByLabel('Force, row 1').focus();
  // Forces stand there; Enter goes from cell to cell: now, third, good, the next force.
  const type = page.keyboard;
  for (const [first, third, good] of [
    ['21', '18', '12'],
    ['26.5', '23.5', '16'],
    ['33.5', '30', '21.5'],
    ['40.5', '37', '27'],
  ] as const) {
    for (const text of ['', first, third, good]) {
      await type.type(text);
      await type.press('Enter');
    }
  }
  const main = page.getByRole('main');
  await expect(main).toContainText(
    /Trapped gas \d\.\d\d ml, between \d\.\d\d and \d\.\d\d ml four times in five/,
  );
  await expect(main).toContainText('There is air: bleed it.');
  await expect(main).toContainText(/% of its good pedal/);
  await expect(page.getByRole('figure', { name: /^By suspect, at 450 N/ })).toContainText(
    'Nobody explains 40.5 mm',
  );
  await page.getByLabel('FR mm').fill('0.25');
  await page.getByLabel('Master moves').fill('1');
  await expect(page.getByRole('figure', { name: /^By suspect/ })).toContainText('Master moves 5.5 mm');
  await page.getByLabel('Room to the floor').fill('38');
  await expect(page.getByText('past the floor, 38 mm')).toBeVisible();
  await page.getByLabel('Room to the floor').fill('95');
  await page.reload();
  await expect(page.getByLabel('Travel now, row 4')).toHaveValue('40.5');
  await expect(main).toContainText('55 mm');
});

test('the pedal’s bench opens from a car with its own master and calipers', async ({ page }) => {
  await page.goto('/');
  const cars = page.getByRole('region', { name: 'Cars' });
  await cars.getByRole('link', { name: /^Shop hatch/ }).click();
  await page.getByRole('link', { name: 'Pedal bench' }).click();
  await expect(page.getByRole('heading', { name: /^Pedal/ })).toContainText('Shop hatch');
  await expect(page.getByLabel('Rear pistons of a caliper, mm')).toHaveValue('17.46');
});

test('the fluid and the heat bench open from a car with what is in it and what was last read of it', async ({
  page,
}) => {
  await page.goto('/car/new');
  await page.getByLabel('What the shop calls it').fill('Yard bench');
  await page.getByRole('button', { name: /^Saloon/ }).click();
  await page.getByRole('button', { name: 'Save the car' }).click();
  await page.waitForURL(/\/car\/[0-9a-f-]{36}$/);
  const car = new URL(page.url()).pathname;
  const send = async (path: string, data: object) =>
    expect((await page.request.post(path, { data: { id: crypto.randomUUID(), ...data } })).status()).toBe(
      200,
    );
  await send(`/api/cars/${car.split('/').at(-1)}/fills`, {
    ...{ filledOn: '2026-05-01', product: 'Race fluid', batch: '', fluidClass: 'DOT4', dryC: 312, wetC: 204 },
    ...{ colour: '', odometerKm: null, lotId: null, lotOpenedOn: null },
  });
  const job = await newJob(page, 'Yard bench', 'Looked over');
  await send(`/api${job.replace('/job', '/jobs')}/readings`, {
    ...{ phase: 'before', kind: 'fluid', corner: '', replaces: null, why: '' },
    input: { class: 'DOT4', dryC: 312, wetC: 204, moisturePct: 2, caliperPeakC: 190 },
  });
  await page.goto(car);
  await page.getByRole('link', { name: 'Fluid bench' }).click();
  await expect(page.getByRole('heading', { name: /^Fluid/ })).toContainText('Yard bench');
  await expect(page.getByLabel('Product, dry')).toHaveValue('312');
  await expect(page.getByLabel('Water', { exact: true })).toHaveValue('2');
  await expect(page.getByLabel('Caliper peak')).toHaveValue('190');
  await page.goto(car);
  await page.getByRole('link', { name: 'Heat bench' }).click();
  // 312/204 with 2 % water boils at 243.6 °C by the sea, a little sooner where the shop stands.
  await expect(page.getByLabel('Fluid boils')).toHaveValue(/^24[0-4]$/);
});

test('the heat bench: which lap, which change buys laps, fitted to what was measured', async ({ page }) => {
  await page.goto('/bench/heat');
  const main = page.getByRole('main');
  await expect(main).toContainText('inside 600 °C');
  await page.getByLabel('Pads good to').fill('350');
  await expect(main).toContainText(/lap \d+past 350 °C from there/);
  await expect(page.getByRole('row', { name: /^Duct to the core \d/ })).toContainText('+');
  await page.getByRole('radio', { name: 'To the core' }).click();
  await expect(page.getByRole('row', { name: /^Duct to the core \d/ })).toHaveCount(0);
  await page.getByRole('button', { name: 'Slow and twisty' }).click();
  await expect(main).not.toContainText('Two changes at once are tried');
  await expect(page.getByLabel('From, row 6')).toHaveValue('100');
  await page.getByLabel('To, row 1').fill('130');
  await expect(page.getByText('130 is not under 120: a zone slows the car down')).toBeVisible();
  await page.getByLabel('To, row 1').fill('60');
  await page.getByLabel('Lap, row 1').fill('20');
  await page.getByLabel('Rotor, paint, row 1').fill('300');
  await expect(main).toContainText(/Fitted to what was measured: cooling \d\.\d\d times the model’s/);
  await page.reload();
  await expect(page.getByLabel('Rotor, paint, row 1')).toHaveValue('300');
  await expect(main).toContainText('Fitted to what was measured');
});

test('the balance bench: effort, who locks first, drums behind, another bore', async ({ page }) => {
  await page.goto('/bench/balance');
  const main = page.getByRole('main');
  await expect(main).toContainText('over 6.43, the least of UN R13-H type 0');
  await page.getByLabel('Foot presses').fill('60');
  await expect(main).toContainText('under 6.43, the least of UN R13-H type 0');
  await page.getByLabel('Foot presses').fill('400');
  await expect(main).toContainText(/Locks firstfront/);
  await page.getByLabel('Rear friction').fill('0.95');
  await page.getByLabel('Front friction').fill('0.3');
  await expect(main).toContainText(/Locks firstrear.*the car turns round/);
  await expect(page.getByRole('region', { name: 'Another part, the same car' }).getByRole('row')).toHaveCount(
    6,
  );
  await page.getByRole('radio', { name: 'Drum' }).click();
  await page.getByLabel('Cylinder, mm').fill('19.05');
  await expect(page.getByLabel('Brake factor')).toHaveValue('2.2');
  await expect(main).toContainText(/torque of one wheel/);
  await page.getByLabel('Front radius').fill('0.4');
  await expect(page.getByText('0.4 is not taken: 0.05 to 0.3')).toBeVisible();
  await page.reload();
  await expect(page.getByLabel('Front radius')).toHaveValue('0.4');
});

test('a bench is kept with its car, opened by its link, set beside what stands, and dropped', async ({
  page,
}) => {
  await page.goto('/bench/balance');
  const car = await page.getByRole('option', { name: /^Club saloon/ }).getAttribute('value');
  await page.getByLabel('Of the car').selectOption(car);
  await page.waitForURL(/car=/);
  const kept = page.getByRole('region', { name: /^Kept with Club saloon/ });
  await kept.getByRole('button', { name: 'Keep it' }).click();
  await expect(kept.getByText('a name, to find it again')).toBeVisible();
  await kept.getByLabel(/under the name/).fill('As it came');
  await kept.getByRole('button', { name: 'Keep it' }).click();
  const link = kept.getByRole('link', { name: 'As it came' });
  await expect(link).toBeVisible();
  const bore = page.getByLabel('Master bore', { exact: true });
  const before = await bore.inputValue();
  await bore.fill('19.05');
  await kept.getByRole('checkbox', { name: 'As it came beside what stands' }).check();
  const table = kept.getByRole('table', { name: 'Kept benches side by side' });
  await expect(table.getByRole('columnheader')).toHaveText(['As it stands', 'As it came']);
  await expect(table.getByRole('row')).toHaveCount(5);
  await link.click();
  await page.waitForURL(/kept=/);
  await expect(page.getByRole('heading', { level: 1 })).toContainText('As it came');
  await expect(bore).toHaveValue(before);
  await page.goBack();
  await expect(bore).toHaveValue('19.05');
  await page.getByRole('button', { name: 'Drop As it came' }).click();
  await expect(link).toHaveCount(0);
});

test('a bench opened from a verdict is written down in its job, and goes out with the case', async ({
  page,
}) => {
  const job = await newJob(page, 'Club saloon', 'Fades after five laps');
  const id = job.split('/').at(-1)!;
  const sheet = await (await page.request.get(`/api/jobs/${id}`)).json();
  await page.goto(`/bench/heat?car=${sheet.job.carId}&job=${id}`);
  await page.getByRole('button', { name: /^Write it down in job/ }).click();
  await expect(page.getByText(/^Written down in job/)).toBeVisible();
  // Again it takes the place of what it wrote.
  await page.getByLabel('Laps', { exact: true }).fill('12');
  await expect(page.getByRole('img', { name: 'Rotor and caliper over 12 laps' })).toBeVisible();
  await page.getByRole('button', { name: /^Write it down in job/ }).click();
  await expect
    .poll(async () => (await (await page.request.get(`/api/jobs/${id}`)).json()).readings.length)
    .toBe(2);
  const file = await (await page.request.get(`/api/jobs/${id}/case`)).json();
  expect(file.readings).toMatchObject([{ kind: 'heat-session', input: { laps: 12 } }]);
  // Peaks that were measured count as evidence, held against what this car's fluid can take.
  await page.getByLabel('Lap, row 1').fill('5');
  await page.getByLabel('Caliper, strip, row 1').fill('215');
  await page
    .getByRole('radiogroup', { name: 'Corner of the peaks' })
    .getByRole('radio', { name: 'FR' })
    .click();
  await expect(page.getByText(/^Fitted to what was measured/)).toBeVisible();
  await page.getByLabel('Fluid boils').fill('200');
  await page.getByRole('button', { name: /^Write it down in job/ }).click();
  await expect
    .poll(async () => (await (await page.request.get(`/api/jobs/${id}/case`)).json()).readings.length)
    .toBe(2);
  await page.goto(`${job}/checks`);
  await expect(page.getByRole('main')).toContainText('over the fluid’s limit', { ignoreCase: true });
  await page.goBack();
  await page.getByRole('link', { name: 'Back to the job' }).click();
  await page.waitForURL(/verdict/);
});

test('other parts are set beside the car’s own: effort, travel, floor, balance, and the bore for an effort', async ({
  page,
}) => {
  await page.goto('/bench/balance');
  await page.getByLabel('Room to the floor').fill('60');
  await page.getByLabel('Effort wanted').fill('220');
  const main = page.getByRole('main');
  await expect(main).toContainText(
    /For 8.0 m\/s² with 220 N: a bore of 1\d\.\d mm, or a ratio of \d+\.\d\d; either way/,
  );
  const others = page.getByRole('region', { name: 'Another part, the same car' });
  await expect(others.getByRole('row')).toHaveCount(6);
  await others.getByRole('button', { name: 'One more part' }).click();
  await others.getByLabel('Part, row 5').selectOption({ label: 'Rear pistons' });
  await others.getByLabel('Rear pistons, row 5').fill('5');
  await expect(others.getByRole('alert')).toContainText('5 is not taken: bores of 15');
  await others.getByLabel('Rear pistons, row 5').fill('48');
  await expect(others.getByRole('row').nth(6)).toContainText(/rear, \d/);
  await page.getByRole('radio', { name: 'Two on a bar' }).click();
  await page.getByLabel('Bar, to the front').fill('95');
  await expect(page.getByText('95 is not taken: 10 to 90 %')).toBeVisible();
  await page.getByLabel('Bar, to the front').fill('60');
  await page.getByRole('radio', { name: 'Rear valve' }).click();
  await expect(main).toContainText('Line pressure');
});
