'use client';

import { ROLE_WORDS } from '@/core/base/people/roles';
import type { KnownPerson } from '../../shell/passes';

/** Everybody by name, each a key as wide as a hand: one press says who is at the car. */
export function NameTiles({
  people,
  busy,
  onPress,
}: {
  people: readonly KnownPerson[];
  busy: boolean;
  onPress: (person: KnownPerson) => void;
}) {
  return (
    <ul className="grid gap-2 sm:grid-cols-2">
      {people.map((person) => (
        <li key={person.id}>
          <button
            type="button"
            disabled={busy}
            onClick={() => onPress(person)}
            className="h-full min-h-16 w-full border-2 border-ink bg-card px-4 py-2 text-left hover:bg-straw-wash disabled:opacity-50"
          >
            <span className="block text-xl font-bold">{person.name}</span>
            <span className="block text-small text-soft">
              {ROLE_WORDS[person.role].label}: {ROLE_WORDS[person.role].may}
            </span>
          </button>
        </li>
      ))}
    </ul>
  );
}
