import { AsyncLocalStorage } from 'node:async_hooks';
import { may, type Right, type Role, seesAll } from '../../core/base/people/roles';
import { Failure } from '../failure';

/** Somebody at work: who it is, what they may do, whose cars they see, and where they sit. */
export type Actor = {
  /** No person where a command does it. */
  id: string | null;
  name: string;
  role: Role;
  /** A driver's own cars; nothing where every car is seen. */
  cars?: readonly string[];
  sessionId?: string;
  deviceId?: string | null;
};

/** Whoever works with the files themselves may do everything: a command of this machine. */
export const COMMAND_LINE: Actor = { id: null, name: 'the command line', role: 'owner' };

/** What is read of a person who asks; `id` is that of the session, where there is one. */
export type ActorRow = {
  personId: string;
  name: string;
  role: Role;
  cars: string[] | null;
  id?: string;
  deviceId: string | null;
};

/** Somebody as the database has them: with the cars of a driver, the session they came by if any, and the device. */
export function actorFrom(row: ActorRow): Actor {
  return {
    id: row.personId,
    name: row.name,
    role: row.role,
    ...(seesAll(row.role) ? {} : { cars: row.cars ?? [] }),
    ...(row.id ? { sessionId: row.id } : {}),
    deviceId: row.deviceId,
  };
}

const acting = new AsyncLocalStorage<Actor>();
let standing: Actor | undefined;

/** Does something as somebody: whatever it asks of the data is asked by that person. */
export function as<T>(actor: Actor, work: () => T): T {
  return acting.run(actor, work);
}

/** Everything this process does from here on is done by one: a command, never the server. */
export function standAs(actor: Actor | undefined): void {
  standing = actor;
}

/** Who asks, if anybody does. */
export function whoActs(): Actor | undefined {
  return acting.getStore() ?? standing;
}

/**
 * Who asks, with the right to.
 * @throws Failure `signed_out` where nobody asks, `forbidden` where it is not theirs
 */
export function actorWith(right: Right): Actor {
  const actor = whoActs();
  if (!actor) throw new Failure('signed_out', 'Nobody is signed in on this device.');
  if (!may(actor.role, right)) throw forbidden(actor, right);
  return actor;
}

const FOR: Readonly<Record<Right, string>> = {
  own: 'anybody in the shop',
  tell: 'a driver, a technician or the owner',
  read: 'people of the shop',
  work: 'a technician or the owner',
  setup: 'the owner',
};

function forbidden({ role }: Actor, right: Right): Failure {
  return new Failure('forbidden', `That is for ${FOR[right]}; you are here as ${role}. Nothing was changed.`);
}

/** Refuses what a driver may tell of only in part. @param isTold whether this is the part */
export function refuseUnlessTold(isTold: boolean): void {
  if (!isTold) actorWith('work');
}

/** Whether this car is one that whoever asks may see. */
export function seesCar(carId: string): boolean {
  const { cars } = actorWith('own');
  return cars === undefined || cars.includes(carId);
}

/** The cars that whoever asks may see, where that is not all of them. */
export function carsSeen(): readonly string[] | undefined {
  return actorWith('own').cars;
}
