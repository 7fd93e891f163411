import { existsSync, readdirSync, readFileSync } from 'node:fs';
import { join } from 'node:path';
import { fileURLToPath } from 'node:url';
import { describe, expect, it } from 'vitest';
import { CALC_NAMES } from '../../core/exchange/calcs';
import { INSTRUMENTS } from '../../core/readings/instruments/kinds';
import { FAULTS, formatRequest } from '../../core/readings/instruments/protocol';
import { BAUD_RATE } from '../../features/measure/gauges/link';

const ROOT = fileURLToPath(new URL('../../', import.meta.url));
const text = (file: string) => readFileSync(join(ROOT, file), 'utf8');
const PICTURES = readdirSync(join(ROOT, 'docs/screenshots'));

describe('the documents', () => {
  it.each([
    'README.md',
    'docs/architecture.md',
    'docs/sources.md',
    'docs/calculations.md',
    'docs/instruments.md',
  ])('%s links only to what is there', (file) => {
    const links = [...text(file).matchAll(/\]\((?!https?:)([^)#]+)\)/g)].map((match) => match[1]!);
    for (const link of links) expect(existsSync(join(ROOT, file, '..', link)), link).toBe(true);
  });

  it('name only files and folders that exist', () => {
    for (const file of ['docs/architecture.md', 'docs/sources.md', 'docs/calculations.md']) {
      const paths = [...text(file).matchAll(/`((?:core|server|features|scripts|tests|db)\/[\w./-]+)`/g)].map(
        (match) => match[1]!,
      );
      expect(paths.length).toBeGreaterThan(2);
      for (const path of paths)
        expect(existsSync(join(ROOT, path.replace(/\/$/, ''))), `${file}: ${path}`).toBe(true);
    }
  });

  it('show every picture in the README, and have fewer than twenty', () => {
    expect(PICTURES.length).toBeLessThan(20);
    for (const picture of PICTURES)
      expect(text('README.md'), picture).toContain(`docs/screenshots/${picture}`);
  });

  it('say of the instruments what they do', () => {
    const page = text('docs/instruments.md');
    for (const request of ['identify', 'send', 'zero'] as const)
      expect(page).toContain(`\`${formatRequest(request).trim()}\``);
    for (const { label, resolution, unit, noise, settlingMs } of Object.values(INSTRUMENTS)) {
      const row = page.split('\n').find((line) => line.startsWith(`| ${label.toLowerCase()}`)) ?? '';
      const cells = row.split('|').map((cell) => cell.trim());
      expect(cells.slice(2, 5), label).toEqual([
        `${resolution} ${unit}`,
        `${noise} ${unit}`,
        `${settlingMs / 1000} s`,
      ]);
    }
    for (const fault of FAULTS) expect(page).toContain(`\`E,${fault}\``);
    expect(page).toContain(`${BAUD_RATE} baud`);
  });

  it('begin with the two commands that matter, and name every computation', () => {
    const [, , , demo, test] = text('README.md').split('\n');
    expect(demo).toMatch(/^\.\/bavrin demo/);
    expect(test).toMatch(/^\.\/bavrin test/);
    for (const name of CALC_NAMES) expect(text('README.md')).toContain(`\`${name}\``);
  });
});
