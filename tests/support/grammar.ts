import { seeded } from './drawn';

/** Seeded odd input: what a slip, an old page, another program or somebody with time on their hands might send. */
export function oddities(seed: number) {
  const random = seeded(seed);
  const pick = <T>(list: readonly T[]): T => list[Math.floor(random() * list.length)]!;
  const below = (most: number) => Math.floor(random() * most);

  const text = (): string =>
    pick([
      '',
      ' ',
      'yes',
      'pedal_spongy',
      'FL',
      'x'.repeat(below(5000)),
      '<script>alert(1)</script>',
      "'; drop table jobs; --",
      '💥'.repeat(below(40)),
      '\\u0000'.replace('\\\\', '\\'),
      '\u202Etxt',
      '2026-13-45',
      '0000-01-01T00:00:00Z',
      '9999-12-31T23:59:59Z',
      '00000000-0000-4000-8000-000000000001',
      'FFFFFFFF-FFFF-4FFF-8FFF-FFFFFFFFFFFF',
      '__proto__',
      'constructor',
    ]);
  const number = (): number =>
    pick([0, -0, 1, -1, 0.1, 1e-320, 1e308, -1e308, 2 ** 31, 2 ** 53, 9e15, below(1000), random() * 100]);

  const value = (depth = 0): unknown => {
    const kind = below(depth > 4 ? 5 : 9);
    if (kind === 0) return null;
    if (kind === 1) return random() < 0.5;
    if (kind === 2) return number();
    if (kind <= 4) return text();
    if (kind <= 6) return Array.from({ length: below(6) }, () => value(depth + 1));
    return Object.fromEntries(
      Array.from({ length: below(5) }, () => [text().slice(0, 40), value(depth + 1)]),
    );
  };

  /** The same with one thing in it changed, left out or added. */
  const bent = (sound: unknown): unknown => {
    if (Array.isArray(sound)) {
      if (sound.length === 0 || random() < 0.3)
        return pick([value(), [...sound, value()], [...sound, ...sound]]);
      const at = below(sound.length);
      return sound.map((each, index) => (index === at ? bent(each) : each));
    }
    if (sound !== null && typeof sound === 'object') {
      const keys = Object.keys(sound);
      const key = keys.length > 0 ? pick(keys) : 'x';
      const own = sound as Record<string, unknown>;
      const way = below(5);
      if (way === 0) return Object.fromEntries(Object.entries(own).filter(([name]) => name !== key));
      if (way === 1) return { ...own, [text().slice(0, 30)]: value() };
      if (way === 2) return { ...own, [key]: value() };
      return { ...own, [key]: bent(own[key]) };
    }
    return value();
  };

  /** A body as it goes over the wire: mostly JSON, bent once or twice; sometimes none, or broken, or too much. */
  const body = (sound: unknown): string => {
    const way = below(20);
    if (way === 0) return '';
    if (way === 1) return text();
    if (way === 2) return '['.repeat(below(3000));
    if (way === 3) return `{"a":"\\ud800","b":"\\u0000","n":${'9'.repeat(below(400) + 1)}}`;
    if (way === 4) return JSON.stringify(sound).slice(0, -1 - below(5));
    if (way === 5) return `[${'{},'.repeat(below(30_000))}{}]`;
    const once = bent(sound);
    return JSON.stringify(random() < 0.5 ? once : bent(once)) ?? 'null';
  };

  return { random, pick, below, text, value, bent, body };
}
