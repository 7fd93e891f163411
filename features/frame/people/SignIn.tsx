'use client';

import { useState } from 'react';
import { Button } from '@/ui/Button';
import { Trouble } from '@/ui/Trouble';
import type { KnownPerson } from '../../shell/passes';
import { Door } from './Door';
import { type Coming, enter } from './enter';
import { NameTiles } from './NameTiles';
import { PasswordForm } from './PasswordForm';
import { PinPad } from './PinPad';

type Props = {
  shop: string;
  isDemo: boolean;
  /** The shop's name for this device; nothing where it is not one of the shop's. */
  device: string | null;
  people: readonly KnownPerson[];
  /** Where somebody was going. */
  to: string;
};

/** Who is at the car: by a press on a name where the device is the shop's, else by name and password. */
export function SignIn({ shop, isDemo, device, people, to }: Props) {
  const [byPassword, setByPassword] = useState(people.length === 0);
  const [chosen, setChosen] = useState<KnownPerson>();
  const [busy, setBusy] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const send = async (path: string, body: object, coming: Coming) => {
    setBusy(true);
    const reply = await enter(path, body, to, coming);
    if (reply.ok) return;
    setBusy(false);
    setTrouble(reply.refusal.message);
  };
  const press = (person: KnownPerson) => {
    setTrouble(undefined);
    if (isDemo) void send('/api/sign-in/demo', { person: person.id }, { person, pin: null });
    else setChosen(person);
  };
  return (
    <Door shop={shop}>
      <h1 className="text-3xl">{chosen ? chosen.name : 'Who is at the car?'}</h1>
      {isDemo && (
        <p className="my-3 border-l-[6px] border-straw bg-straw-wash p-3">
          This is the demo: the shop, its cars and its people are invented, so that a press on a name lets you
          in. A shop of your own asks for a password, and on its own devices for six figures.
        </p>
      )}
      {!isDemo && device && !chosen && <p className="my-2 text-soft">This device is the shop’s: {device}.</p>}
      <div className="mt-4">
        {chosen ? (
          <>
            <PinPad
              name={chosen.name}
              busy={busy}
              trouble={trouble}
              onPin={(pin) =>
                void send('/api/sign-in/pin', { person: chosen.id, pin }, { person: chosen, pin })
              }
            />
            <Button look="quiet" className="mt-3" onClick={() => setChosen(undefined)}>
              Somebody else
            </Button>
          </>
        ) : byPassword ? (
          <PasswordForm to={to} isShops={device !== null} />
        ) : (
          <NameTiles people={people} busy={busy} onPress={press} />
        )}
      </div>
      <Trouble className="mt-3">{chosen ? undefined : trouble}</Trouble>
      {!chosen && !isDemo && people.length > 0 && (
        <Button look="quiet" className="mt-4" onClick={() => setByPassword(!byPassword)}>
          {byPassword ? 'By a press on my name' : 'With my password'}
        </Button>
      )}
    </Door>
  );
}
