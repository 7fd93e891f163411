import { randomBytes, randomUUID } from 'node:crypto';
import ICAL from 'ical.js';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { GET } from '../../app/calendar/[token]/route';
import { calendarEntries } from '../../server/calendar/entries';
import { calendarFeed, endFeed, makeFeed } from '../../server/calendar/feed';
import { calendarText } from '../../server/calendar/ics';
import { database } from '../../server/db/sql';
import { addEvent, changeEvent } from '../../server/wear/actions';
import { freshDatabase } from '../support/database';
import { failureOf, makeCar } from '../support/shop';

let drop: () => Promise<void>;
beforeAll(async () => {
  ({ drop } = await freshDatabase());
});
afterAll(() => drop());

const NOW = new Date('2026-06-01T09:00:00Z');
const token = () => randomBytes(32).toString('base64url');
const ask = (at: string) =>
  GET(new Request(`http://shop.test:3000/calendar/${at}`, { headers: { host: 'shop.test:3000' } }), {
    params: Promise.resolve({ token: at }),
  });

/** As a calendar program reads it: a parser of RFC 5545 from the registry. */
function parsed(text: string): ICAL.Event[] {
  return new ICAL.Component(ICAL.parse(text))
    .getAllSubcomponents('vevent')
    .map((each) => new ICAL.Event(each));
}

describe('the calendar', () => {
  it('has each day on track and all that is due, all day, in words, under an id that stays', async () => {
    const car = await makeCar();
    const event = { name: 'Lap days; two, three', onDate: '2026-07-04', sessions: 6 };
    const { id, version } = await addEvent(car.id, { id: randomUUID(), ...event });
    const read = async () => parsed(calendarText(await calendarEntries(NOW), 'A shop', 'http://shop.test'));
    const of = (events: ICAL.Event[]) => events.find((each) => each.uid === `event-${id}@bavrin`)!;
    const first = of(await read());
    expect(first.summary).toBe(`${car.name}: Lap days; two, three`);
    expect(first.startDate.isDate).toBe(true);
    expect([first.startDate.toString(), first.endDate.toString()]).toEqual(['2026-07-04', '2026-07-05']);
    expect(first.description).toContain('6 sessions');
    expect(first.component.getFirstPropertyValue('url')).toBe(
      `http://shop.test/car/${car.id}/prepare?event=${id}`,
    );
    await changeEvent(id, { ...event, onDate: '2026-07-11', odometerKm: null, version, dropped: false });
    expect(of(await read()).startDate.toString()).toBe('2026-07-11');
  });

  it('puts what is over on today, and says since when', async () => {
    const car = await makeCar();
    await database()`update cars set fluid_filled_on = '2025-01-10' where id = ${car.id}`;
    const due = (await calendarEntries(NOW)).find(({ uid }) => uid === `due ${car.id} fluid`);
    expect(due).toMatchObject({ day: '2026-06-01', title: `${car.name}: Brake fluid` });
    expect(due!.about).toContain('Over since 10 Jan 2026. Filled 10 Jan 2025');
  });

  it('is read under the address that is good, and under no other', async () => {
    const one = token();
    const feed = await makeFeed({ id: randomUUID(), token: one });
    const reply = await ask(`${one}.ics`);
    expect(reply.status).toBe(200);
    expect(reply.headers.get('content-type')).toBe('text/calendar; charset=utf-8');
    expect(parsed(await reply.text()).length).toBeGreaterThan(0);
    expect((await ask(token())).status).toBe(404);
    expect((await ask('x')).status).toBe(404);
    // Another ends it.
    const two = token();
    const next = await makeFeed({ id: randomUUID(), token: two });
    expect((await ask(one)).status).toBe(404);
    expect((await ask(two)).status).toBe(200);
    expect(await endFeed(feed.id, { version: 1 })).toMatchObject({ ended: true });
    expect(await failureOf(endFeed(next.id, { version: 7 }))).toMatchObject({ code: 'stale' });
    await endFeed(next.id, { version: next.version });
    expect((await ask(two)).status).toBe(404);
    expect(await calendarFeed()).toBeNull();
  });

  it('takes only a secret nobody guesses, and of many made at once one is good', async () => {
    expect(await failureOf(makeFeed({ id: randomUUID(), token: 'short' }))).toMatchObject({
      detail: { issues: [{ path: 'token', accepted: '43 letters of base64url are accepted' }] },
    });
    const made = await Promise.all(
      Array.from({ length: 5 }, () => makeFeed({ id: randomUUID(), token: token() })),
    );
    const good = await calendarFeed();
    expect(made.map(({ id }) => id)).toContain(good!.id);
  });
});
