import { database } from '../../server/db/sql';
import { onBrowser } from './onBrowser';
import { spread } from './spread';

const STATIONS = 24;
/** One frame of a 60 Hz screen, ms. */
const FRAME_MS = 1000 / 60;

/** The longest the page was kept from anything else while a session of laps was fitted anew at every key, in Chromium. */
export async function benchBlockFigures(url: string): Promise<void> {
  await onBrowser(url, async (context, address) => {
    const page = await context.newPage();
    for (const [bench, field] of [
      ['heat', 'Pads good to'],
      ['balance', 'Foot presses'],
    ] as const) {
      await page.goto(`${address}/bench/${bench}`);
      await page.getByLabel(field, { exact: true }).waitFor();
      await page.waitForLoadState('load');
      await page.evaluate(() => {
        const held = window as unknown as { longest: number };
        held.longest = 0;
        new PerformanceObserver((list) => {
          for (const task of list.getEntries()) held.longest = Math.max(held.longest, task.duration);
        }).observe({ type: 'longtask' });
      });
      for (const text of ['350', '400', '450', '500', '550']) {
        await page.getByLabel(field, { exact: true }).fill(text);
        await page.waitForTimeout(400);
      }
      const longest = await page.evaluate(() => (window as unknown as { longest: number }).longest);
      console.log(
        `page kept from anything else, ${bench} bench: ${longest === 0 ? 'under 50 ms' : `${longest.toFixed(0)} ms at most`}`,
      );
    }
  });
}

/** From a key to the redrawn trace, at 24 stations on the rotor sheet, in Chromium. */
export async function traceFigures(url: string): Promise<void> {
  const [job] = await database()`select id from jobs where closed_at is null order by number limit 1`;
  await onBrowser(url, async (context, address) => {
    const page = await context.newPage();
    await page.addInitScript(() => localStorage.setItem('bavrin.kept.checks.rest', 'true'));
    await page.goto(`${address}/job/${job!.id}/checks`);
    await page.getByRole('button', { name: /^front left/ }).click();
    const rotor = page.getByRole('region', { name: 'Rotor FL' });
    await rotor.getByRole('radio', { name: String(STATIONS) }).click();
    await rotor.getByLabel(`Runout FL station ${STATIONS}`).waitFor();
    const times = await page.evaluate(async (stations) => {
      const set = Object.getOwnPropertyDescriptor(HTMLInputElement.prototype, 'value')!.set!;
      const spent: number[] = [];
      for (let round = 0; round < 4; round++) {
        for (let station = 0; station < stations; station++) {
          const cell = document.getElementById(`rotor-FL-runout-${station}`) as HTMLInputElement;
          const trace = cell.closest('section')!.querySelector('svg')!;
          const before = trace.innerHTML;
          const started = performance.now();
          set.call(cell, String(((round + 1) * Math.round(20 * Math.cos(station / 3))) / 1000));
          cell.dispatchEvent(new Event('input', { bubbles: true }));
          while (trace.innerHTML === before && performance.now() - started < 200)
            await new Promise((resolve) => setTimeout(resolve, 0));
          spent.push(performance.now() - started);
        }
      }
      return spent;
    }, STATIONS);
    const late = times.filter((time) => time > FRAME_MS).length;
    console.log(
      `key to redrawn trace, ${STATIONS} stations: ${spread(times)}; ${late} of ${times.length} later than one frame`,
    );
  });
}
