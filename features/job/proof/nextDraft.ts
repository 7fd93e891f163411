import type { Units } from '../../shell/units';

/** Something due as it is typed; a temporary repair says more. */
export type NextDraft = {
  id: string;
  what: string;
  dueOn: string;
  temporary?: { why: string; successor: string; sessions: string; km: string };
};

/** What says something: an empty line is none. */
export function toBeKept(next: readonly NextDraft[]): NextDraft[] {
  return next.filter(({ what }) => what.trim() !== '');
}

/** What is typed as the server takes it; what is no figure goes as it was typed, for its field to be named. */
export function readNext({ id, what, dueOn, temporary }: NextDraft, units: Units): object {
  return {
    id,
    what,
    dueOn: dueOn === '' ? null : dueOn,
    ...(temporary
      ? {
          temporary: {
            why: temporary.why,
            successor: temporary.successor,
            sessions: units.sent(temporary.sessions, ''),
            km: units.sent(temporary.km, 'km'),
          },
        }
      : {}),
  };
}
