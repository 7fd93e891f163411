'use client';

import { useEffect, useState, useSyncExternalStore } from 'react';
import { may } from '@/core/base/people/roles';
import { Button } from '@/ui/Button';
import { Trouble } from '@/ui/Trouble';
import { usePerson } from '../../shell/PersonContext';
import type { KnownPerson } from '../../shell/passes';
import { atCar, passes } from '../../shell/people';
import { forgetPages } from '../offline/forgetPages';
import { NameTiles } from './NameTiles';
import { PinPad } from './PinPad';

const NOBODY = () => [];
/** Pages that only an owner reads. */
const OWNERS_PAGES = ['/setup/people', '/setup/audit'];

/** Somebody else takes over at the car while there is no network: whoever has come in on this device with their figures before. */
export function HandOver({ onDone }: { onDone: () => void }) {
  const here = usePerson();
  const known = useSyncExternalStore(passes.subscribe, passes.snapshot, NOBODY);
  useEffect(() => void passes.load().catch(() => undefined), []);
  const [chosen, setChosen] = useState<KnownPerson>();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const others = known.filter(({ id, until }) => id !== here.id && Date.now() < Date.parse(until));
  const come = async (person: KnownPerson, pin: string | null) => {
    setBusy(true);
    const isOwner = may(person.role, 'setup');
    if (!isOwner) await forgetPages(OWNERS_PAGES);
    const takeOver = () => atCar.set({ id: person.id, name: person.name, role: person.role });
    const opened = await passes.open(person.id, pin, takeOver).catch(() => 'gone' as const);
    setBusy(false);
    if (opened === 'wrong') return setTrouble('Those figures are not theirs.');
    if (opened === 'gone')
      return setTrouble(`${person.name} can come in here only where there is a network now.`);
    if (!isOwner && OWNERS_PAGES.includes(window.location.pathname)) window.location.assign('/');
    else onDone();
  };
  const press = (person: KnownPerson) => {
    setTrouble(undefined);
    if (known.find(({ id }) => id === person.id)?.byPress) void come(person, null);
    else setChosen(person);
  };
  if (chosen)
    return (
      <>
        <h3 className="text-xl">{chosen.name}</h3>
        <PinPad name={chosen.name} busy={busy} trouble={trouble} onPin={(pin) => void come(chosen, pin)} />
        <Button look="quiet" className="mt-3" onClick={() => setChosen(undefined)}>
          Somebody else
        </Button>
      </>
    );
  return (
    <section aria-label="Who is at the car?">
      <p className="mb-3 border-l-[6px] border-straw bg-straw-wash p-3">
        No network: whoever has come in on this device before can take over. What each of you enters is kept
        here, and sent under their own name.
      </p>
      {others.length > 0 ? (
        <NameTiles people={others} busy={busy} onPress={press} />
      ) : (
        <p>Nobody else has come in here with their figures yet; the first time wants a network.</p>
      )}
      <Trouble className="mt-3">{trouble}</Trouble>
    </section>
  );
}
