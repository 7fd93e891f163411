import { mkdtempSync, rmSync, writeFileSync } from 'node:fs';
import { tmpdir } from 'node:os';
import { join } from 'node:path';
import { afterEach, beforeEach, describe, expect, it } from 'vitest';
import { backupName, backupsIn, isDue, letGo, readKeep } from '../../scripts/system/keeping';

let folder: string;
beforeEach(() => {
  folder = mkdtempSync(join(tmpdir(), 'bavrin-keeping-'));
});
afterEach(() => rmSync(folder, { recursive: true, force: true }));

const NOW = new Date('2026-11-27T03:00:00Z');
const hoursAgo = (hours: number) => new Date(NOW.getTime() - hours * 3_600_000);
const make = (...hours: number[]) => {
  for (const each of hours) writeFileSync(join(folder, backupName(hoursAgo(each))), 'x');
};

describe('backups while a shop is open', () => {
  it('are due when there is none, or the newest is old enough', () => {
    const keep = { folder, hours: 24, count: 3 };
    expect(isDue(keep, NOW)).toBe(true);
    make(50, 23);
    expect(isDue(keep, NOW)).toBe(false);
    expect(isDue({ ...keep, hours: 23 }, NOW)).toBe(true);
  });

  it('stay as many as are wanted, the newest; what else lies there stays too', () => {
    make(1, 25, 49, 73, 97);
    writeFileSync(join(folder, 'bavrin-holiday.backup'), 'mine');
    expect(letGo({ folder, hours: 24, count: 2 })).toBe(2);
    expect(backupsIn(folder).map(({ at }) => at)).toEqual([hoursAgo(1), hoursAgo(25)]);
    expect(() => writeFileSync(join(folder, 'bavrin-holiday.backup'), 'x', { flag: 'wx' })).toThrow('EEXIST');
  });

  it('are wanted as they are said, or refused by name', () => {
    expect(readKeep({})).toBeUndefined();
    expect(readKeep({ 'backup-into': folder })).toEqual({ folder, hours: 24, count: 14 });
    expect(() => readKeep({ 'backup-into': join(folder, 'nowhere') })).toThrow('a folder that is there');
    expect(() => readKeep({ 'backup-into': folder, 'backup-count': '0' })).toThrow('from 1 to 1000');
    expect(() => readKeep({ 'backup-into': folder, 'backup-hours': 'daily' })).toThrow(
      '--backup-hours is daily',
    );
  });
});
