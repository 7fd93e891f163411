import { randomUUID } from 'node:crypto';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { addSetup, changeSetup } from '../../server/setups/actions';
import { setupsOf } from '../../server/setups/queries';
import { freshDatabase } from '../support/database';
import { failureOf, makeCar } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const SETUP = { track: 'Old field', kind: 'rough', frontN: 18, rearN: null, tap: true, note: '' };

describe('set-ups by track', () => {
  it('are one a track, the newest, whatever the case of its name; a dropped one leaves the one before', async () => {
    const { id } = await makeCar();
    const add = (changes: object) => addSetup(id, { id: randomUUID(), ...SETUP, ...changes });
    await add({});
    await add({ track: 'Airfield', kind: 'smooth', frontN: null });
    const newer = await add({ track: 'old Field', frontN: 25 });
    const forces = async () =>
      (await setupsOf([id])).get(id)!.map(({ track, frontN }) => [track.toLowerCase(), frontN]);
    expect(await forces()).toEqual([
      ['airfield', null],
      ['old field', 25],
    ]);
    await changeSetup(newer.id, { version: newer.version, dropped: true });
    expect(await forces()).toEqual([
      ['airfield', null],
      ['old field', 18],
    ]);
  });

  it('are refused by field, value and range', async () => {
    const { id } = await makeCar();
    const failure = await failureOf(
      addSetup(id, { id: randomUUID(), ...SETUP, track: '', frontN: 0, kind: 'wet' }),
    );
    expect(failure).toMatchObject({
      code: 'refused',
      detail: { issues: [{ path: 'track' }, { path: 'kind' }, { path: 'frontN', value: '0' }] },
    });
  });
});
