import postgres from 'postgres';
import { expect, newJob, test } from './test';

test('the board has held cars first, with the hold and its end in words', async ({ page }) => {
  await page.goto('/');
  const cards = page.getByRole('region', { name: /in the bay/ }).getByRole('listitem');
  await expect(cards.nth(0)).toContainText('Stays here');
  await expect(cards.nth(1)).toContainText('Stays here');
  await expect(page.getByRole('main')).toContainText('2 stay here');
  await expect(cards.filter({ hasText: 'Long pedal after the kerbs' })).toContainText(
    'Until bearing adjusted or replaced and re-measured.',
  );
  await expect(cards.filter({ hasText: 'Goes soft after five laps' })).toContainText('At checks');
});

test('what is due is ticked off, and not twice', async ({ page, browser, baseURL }) => {
  await page.goto('/');
  const other = await browser.newPage({ baseURL });
  await other.goto('/');
  const due = (on: typeof page) =>
    on
      .getByRole('region', { name: 'Due' })
      .getByRole('listitem')
      .filter({ hasText: /^Look at the rear shoes again/ });
  await due(page).getByRole('button', { name: 'Done' }).click();
  await expect(due(page)).toHaveCount(0);
  await due(other).getByRole('button', { name: 'Done' }).click();
  await expect(due(other)).toHaveCount(0);
  // It was done already, and that is what was asked for: no quarrel about it.
  await expect(other.getByRole('region', { name: 'Due' }).getByRole('alert')).toHaveCount(0);
  await other.close();
});

test.describe(() => {
  test.use({ provoked: [/409 \(Conflict\)/] });
  test('a car shows its figures, its jobs and its last readings, and is edited over the version seen', async ({
    page,
    browser,
    baseURL,
  }) => {
    await page.goto('/');
    await page
      .getByRole('region', { name: 'Cars' })
      .getByRole('link', { name: /Number 7/ })
      .click();
    const main = page.getByRole('main');
    await expect(main).toContainText('19.05 mm');
    await expect(main).toContainText('Spongy since the front calipers were rebuilt');
    await expect(main).toContainText('Pedal ratio 5.40');
    await expect(main).toContainText('1.5 / 0.8');
    const url = page.url();

    const other = await browser.newPage({ baseURL });
    await other.goto(`${url}/edit`);
    await page.getByRole('link', { name: 'Edit' }).click();
    await page.getByLabel('Mass').fill('755');
    await page.getByRole('button', { name: 'Save the car' }).click();
    await expect(page.getByRole('main')).toContainText('755 kg');
    await other.getByLabel('Note').fill('Mine, kept');
    await other.getByRole('button', { name: 'Save the car' }).click();
    await expect(other.getByRole('main').getByRole('alert')).toContainText(
      'was changed by somebody else in the meantime',
    );
    await expect(other.getByLabel('Note')).toHaveValue('Mine, kept');
    await other.close();
  });
});

test('the maker’s bleed order stands over the computed one', async ({ page }) => {
  await page.goto('/car/new');
  await page.getByRole('button', { name: /^Heavy coupe/ }).click();
  await page.getByLabel('What the shop calls it').fill('Order car');
  await page.getByLabel('Maker’s bleed order').fill('FL FR RL RL');
  await page.getByRole('button', { name: 'Save the car' }).click();
  await expect(page.getByText(/each of FL, FR, RL, RR once/)).toBeVisible();
  await page.getByLabel('Maker’s bleed order').fill('fl, rr, fr, rl');
  await page.getByRole('button', { name: 'Save the car' }).click();
  await expect(page.getByRole('main')).toContainText('maker: FL RR FR RL');
  await page.getByRole('link', { name: 'New complaint' }).click();
  await page.getByRole('button', { name: 'Open the job' }).click();
  await page.getByRole('link', { name: /^Work/ }).click();
  const order = page.getByRole('table', { name: 'Order of bleeders' });
  await expect(order.getByRole('row').nth(1)).toContainText('FL');
  await expect(order.getByRole('row').nth(4)).toContainText('RR');
  await expect(page.getByRole('main')).toContainText('never over 200 kPa');
});

test('at two hundred cars one is found by typing, and what is due is a short list by car', async ({
  page,
}) => {
  const many = postgres(process.env.BAVRIN_SHOP_URL!, { max: 1 });
  const added = many`
    insert into cars (id, name, kind) select gen_random_uuid(), 'Fleet car ' || n, 'other' from generate_series(1, 200) n returning id`;
  const ids = (await added).map((row) => row.id as string);
  await many`insert into car_axles (car_id, axle) select id, axle from cars, unnest(array['front', 'rear']) axle where id = any(${ids})`;
  try {
    await page.goto('/');
    const due = page.getByRole('region', { name: 'Due' });
    await expect(due.getByRole('link', { name: /Fleet car|coupe|hatch|saloon|two-seater/ })).toHaveCount(8);
    await expect(due.getByRole('link', { name: /\d+ more cars have something due: show all/ })).toBeVisible();
    await page.getByRole('region', { name: 'Cars' }).getByLabel('Find a car').fill('car 117');
    await expect(
      page.getByRole('region', { name: 'Cars' }).getByRole('link', { name: /^Fleet car/ }),
    ).toHaveCount(1);
    await page.getByRole('link', { name: 'New complaint' }).click();
    await page.getByRole('heading', { name: 'New complaint' }).waitFor();
    await page.getByLabel('Find a car').fill('fleet 42');
    await page.keyboard.press('Enter');
    await expect(page.getByRole('radio', { name: 'Fleet car 42' })).toBeChecked();
    await page.getByLabel('Find a car').fill('nothing like it');
    await expect(page.getByText('No car by that name.')).toBeVisible();
    // The chosen one stays in sight whatever is looked for next.
    await expect(page.getByRole('radio', { name: 'Fleet car 42' })).toBeChecked();
    await page.getByRole('button', { name: 'Open the job' }).click();
    await expect(page.getByRole('heading', { name: /What the driver says/ })).toBeVisible();
  } finally {
    await many`delete from jobs where car_id = any(${ids})`;
    await many`delete from car_axles where car_id = any(${ids})`;
    await many`delete from cars where id = any(${ids})`;
    await many.end();
  }
});

test('a reading that today’s rules no longer accept is shown as it was written, and breaks no page', async ({
  page,
}) => {
  const job = await newJob(page, 'Club saloon', 'Read long ago');
  const id = job.split('/')[2]!;
  const sql = postgres(process.env.BAVRIN_SHOP_URL!, { max: 1 });
  const pads = { corners: { FL: { inner: { leading: 'eight', trailing: 8 }, outer: {} } } };
  await sql`
    insert into readings (id, job_id, phase, kind, corner, input, recorded_at)
    values (gen_random_uuid(), ${id}, 'before', 'pads', 'FL', ${sql.json(pads)}, now())`;
  const [row] = await sql`select car_id from jobs where id = ${id}`;
  await sql.end();
  await page.goto(`/car/${row!.car_id}`);
  await expect(page.getByRole('main')).toContainText('as written, not readable by today’s rule: {"corners"');
  for (const stage of ['checks', 'verdict', 'work', 'proof']) {
    await page.goto(`${job}/${stage}`);
    await expect(page.getByRole('navigation', { name: 'Stages' })).toBeVisible();
  }
  await page.goto(`${job}/checks`);
  await page
    .getByRole('button', { name: /^(front left|FL)/ })
    .first()
    .click();
  await expect(page.getByText('not readable by today’s rule').first()).toBeVisible();
});
