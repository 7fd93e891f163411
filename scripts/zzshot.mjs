import { chromium } from '@playwright/test';

const [, , base, ...specs] = process.argv;
const b = await chromium.launch({
  executablePath: '/usr/bin/chromium',
  args: [
    '--no-sandbox',
    '--disable-gpu',
    '--disable-quic',
    '--no-first-run',
    '--disable-background-networking',
    '--disable-component-update',
    '--disable-sync',
  ],
});
for (const s of specs) {
  const [path, out, w = '1280', h = '800', theme = 'light', act = ''] = s.split('|');
  const ctx = await b.newContext({ viewport: { width: +w, height: +h }, colorScheme: theme });
  const p = await ctx.newPage();
  p.on('pageerror', (e) => console.log(out, 'PAGEERROR', e.message));
  p.on('console', (m) => m.type() === 'error' && console.log(out, 'CONSOLE', m.text().slice(0, 300)));
  await p.goto(base + path, { waitUntil: 'networkidle' });
  await p.waitForTimeout(600);
  if (act) await p.evaluate(act).catch((e) => console.log(e.message)), await p.waitForTimeout(500);
  await p.screenshot({ path: '/tmp/shots/' + out + '.png' });
  await ctx.close();
}
await b.close();
