import type { Locator, Page } from '@playwright/test';
import { expect, newJob, row, saved, test } from './test';

const bar = (page: Page) => page.getByRole('region', { name: 'Gauges' });

/** The checks of a new job on the coupe, gauges out. Its front right bearing is loose; only the instruments know. */
async function coupe(page: Page): Promise<string> {
  const job = await newJob(page, 'Car 14, blue coupe', 'Measure it with gauges');
  await page.goto(`${job}/checks`);
  await page.getByRole('button', { name: 'Gauges' }).click();
  await expect(bar(page)).toBeVisible();
  return job;
}

/** Waits until a gauge's line shows a figure of this shape and has come to rest, as a person does before pressing. */
async function atRest(line: Locator, shape: RegExp): Promise<void> {
  let last = '';
  let same = 0;
  await expect
    .poll(async () => {
      const now = (await line.textContent()) ?? '';
      same = now === last && shape.test(now) ? same + 1 : 0;
      last = now;
      return same;
    })
    .toBeGreaterThan(3);
}

async function plugIn(page: Page, name: string): Promise<void> {
  const listed = bar(page).getByRole('button', { name, exact: true });
  if (!(await listed.isVisible())) await bar(page).getByRole('button', { name: 'Plug in …' }).click();
  await listed.click();
  await expect(bar(page).getByRole('status')).toContainText('plugged in');
}

/** Takes what the gauge shows, and waits until the next field waits. */
async function take(page: Page, forField: string, settlesInMs = 8000): Promise<void> {
  await expect(bar(page)).toContainText(`For: ${forField}`);
  await bar(page).getByRole('button', { name: 'Take it' }).click();
  await expect(bar(page).getByRole('status')).toContainText(`${forField}:`, { timeout: settlesInMs });
}

async function sheetOf(page: Page, job: string) {
  const id = /job\/([0-9a-f-]+)/.exec(job)![1];
  return (await page.request.get(`/api/jobs/${id}`)).json();
}

test('a corner is measured by its gauges alone, and what they find is the fault that is there', async ({
  page,
}) => {
  const job = await coupe(page);
  await page
    .getByRole('complementary', { name: 'Corner plan' })
    .getByRole('button', { name: /^front right/ })
    .click();
  await plugIn(page, 'Dial indicator');
  await plugIn(page, 'Micrometer');
  await page.getByLabel('Inner pad FR, leading end').click();
  for (const at of [
    'Inner pad FR, leading end',
    'Inner pad FR, trailing end',
    'Outer pad FR, leading end',
    'Outer pad FR, trailing end',
  ])
    await take(page, at);
  await page.getByLabel('Runout FR station 1', { exact: true }).click();
  for (let station = 1; station <= 8; station++) await take(page, `Runout FR station ${station}`);
  await take(page, 'Station 1 again FR');
  for (let station = 1; station <= 8; station++) await take(page, `Thickness FR station ${station}`);
  await row(page, 'Wheel bearing play, FR').getByRole('button', { name: 'Measure it' }).click();
  await page.getByRole('textbox', { name: 'Play FR' }).click();
  await take(page, 'Play FR');
  await saved(page);

  const { readings } = await sheetOf(page, job);
  const input = (kind: string) => readings.find((each: { kind: string }) => each.kind === kind).input;
  expect(input('bearing').playMm).toBeCloseTo(0.14, 1);
  expect(input('pads').corners.FR.inner.leading).toBeCloseTo(7, 1);
  expect(input('rotor').thicknessMm).toHaveLength(8);
  expect(input('rotor').thicknessMm[0]).toBeCloseTo(31.2, 1);
  // One slow turn closes on itself within the gauge's own scatter.
  expect(Math.abs(input('rotor').closingMm - input('rotor').runoutMm[0])).toBeLessThan(0.01);
  await expect(row(page, 'Wheel bearing play, FR')).toContainText('Bearing play reading FR: excess.');
  await expect(page.getByRole('complementary', { name: 'Leaning rail' })).toContainText(
    'Car stays here: wheel bearing loose.',
  );
});

test('a gauge unplugged while it settles leaves nothing behind, and comes back', async ({ page }) => {
  await coupe(page);
  await plugIn(page, 'Boiling point tester');
  await page.getByLabel('Boils at').click();
  await bar(page).getByRole('button', { name: 'Take it' }).click();
  await bar(page).getByRole('button', { name: 'Unplug the boiling point tester' }).click();
  await expect(bar(page).getByRole('status')).toContainText(/unplugged|not plugged in/);
  await expect(page.getByLabel('Boils at')).toHaveValue('');
  await plugIn(page, 'Boiling point tester');
  await page.getByLabel('Boils at').click();
  // The probe heats up as slowly as a real one.
  await take(page, 'Boils at', 25_000);
  await expect(page.getByRole('region', { name: 'Fluid' })).toContainText(/On file: boils 2[12]\d °C/);
});

test('the gauge’s own button types into the field that waits, in its own unit', async ({ page }) => {
  await coupe(page);
  await page.getByRole('radio', { name: 'in', exact: true }).click();
  await page
    .getByRole('complementary', { name: 'Corner plan' })
    .getByRole('button', { name: /^front left/ })
    .click();
  await plugIn(page, 'Micrometer');
  await page.getByLabel('Inner pad FL, leading end').click();
  await atRest(bar(page).getByRole('listitem').filter({ hasText: 'Micrometer' }), /8\./);
  await bar(page).getByRole('button', { name: 'Data: the micrometer’s own button' }).click();
  await expect(page.getByLabel('Inner pad FL, leading end')).toHaveValue(/^8\.\d{3} mm$/);
  await expect(page.getByLabel('Inner pad FL, trailing end')).toBeFocused();
});

test('a full rotor and four corners of pads come from the gauges without a key pressed', async ({ page }) => {
  test.slow();
  const job = await coupe(page);
  await page.getByRole('radio', { name: 'Sheet' }).click();
  await plugIn(page, 'Micrometer');
  await plugIn(page, 'Dial indicator');
  for (const corner of ['FL', 'FR', 'RL', 'RR']) {
    await page.getByLabel(`Inner pad ${corner}, leading end`).click();
    for (const side of ['Inner', 'Outer'])
      for (const end of ['leading', 'trailing']) await take(page, `${side} pad ${corner}, ${end} end`);
    if (corner !== 'FL') continue;
    for (let station = 1; station <= 8; station++) await take(page, `Runout FL station ${station}`);
    await take(page, 'Station 1 again FL');
    for (let station = 1; station <= 8; station++) await take(page, `Thickness FL station ${station}`);
  }
  await saved(page);
  const { readings } = await sheetOf(page, job);
  const kinds = readings.map((each: { kind: string; corner: string }) => `${each.kind} ${each.corner}`);
  expect(kinds.sort()).toEqual(['pads FL', 'pads FR', 'pads RL', 'pads RR', 'rotor FL']);
});

test('the force on the pedal comes from its gauge, and the travel beside it is typed', async ({ page }) => {
  await coupe(page);
  await plugIn(page, 'Pedal force gauge');
  await row(page, 'Pedal as you find it now').getByRole('button', { name: 'Measure it' }).click();
  const force = page.getByLabel('Force, row 2');
  await force.fill('');
  await force.click();
  await take(page, 'Force, row 2');
  // The foot presses what it is told to, the gauge shows what it gets.
  expect(Math.abs(Number(await force.inputValue()) - 150)).toBeLessThan(10);
  await expect(page.getByLabel('First press, row 2')).toBeFocused();
});

test('a real gauge on a serial port is read, and one that speaks something else is told off', async ({
  page,
}) => {
  // A port as the browser would give it, with a dial on it that answers in the protocol of docs/instruments.md.
  await page.addInitScript(() => {
    const framed = (body: string) => {
      let sum = 0;
      for (const character of body) sum ^= character.charCodeAt(0);
      return `${body}*${sum.toString(16).toUpperCase().padStart(2, '0')}\r\n`;
    };
    let opened = 0;
    const port = () => {
      const honest = opened++ > 0;
      let send: (text: string) => void = () => {};
      const readable = new ReadableStream<Uint8Array>({
        start(controller) {
          send = (text) => controller.enqueue(new TextEncoder().encode(text));
        },
      });
      const writable = new WritableStream<Uint8Array>({
        write(chunk) {
          const line = new TextDecoder().decode(chunk);
          if (!honest) return send('HELLO THERE\r\n');
          if (line.startsWith('I?')) send(framed('I,dial,0.001,mm,REAL-7'));
          if (line.startsWith('R?')) {
            const answer = framed('R,+0.087,mm,S');
            send(answer.slice(0, 5));
            send(answer.slice(5));
          }
        },
      });
      return { open: async () => {}, close: async () => {}, readable, writable };
    };
    Object.defineProperty(navigator, 'serial', { value: { requestPort: async () => port() } });
  });
  await coupe(page);
  await bar(page).getByRole('button', { name: 'Serial port' }).click();
  await expect(bar(page).getByRole('status')).toContainText(
    'could not be plugged in: “HELLO THERE” has no checksum',
  );
  await bar(page).getByRole('button', { name: 'Serial port' }).click();
  await expect(bar(page).getByRole('status')).toContainText('Dial indicator REAL-7 plugged in');
  await page
    .getByRole('complementary', { name: 'Corner plan' })
    .getByRole('button', { name: /^rear right/ })
    .click();
  await row(page, 'Wheel bearing play, RR').getByRole('button', { name: 'Measure it' }).click();
  await page.getByRole('textbox', { name: 'Play RR' }).click();
  await bar(page).getByRole('button', { name: 'Take it' }).click();
  await expect(page.getByRole('region', { name: 'Bearing play RR' })).toContainText('On file: 0.087 mm');
});
