'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { ROLE_WORDS, ROLES, type Role } from '@/core/base/people/roles';
import { PASSWORD_RULE, PIN_RULE } from '@/core/base/people/secrets';
import { asSentence } from '@/core/base/sentence';
import type { PersonRow } from '@/server/people/queries';
import { Button } from '@/ui/Button';
import { SelectField, TextField } from '@/ui/Field';
import { Tick } from '@/ui/Tick';
import { Trouble } from '@/ui/Trouble';
import { newId } from '../../shell/newId';
import type { Refusal } from '../../shell/refusal';
import { type Reply, refusedAside, refusedField, request } from '../../shell/request';
import { useRefresh } from '../../shell/useRefresh';

type Props = {
  /** Who is changed; nobody where somebody new is taken in. */
  person?: PersonRow;
  cars: readonly { id: string; name: string }[];
  onDone: () => void;
};

/** Somebody of the shop: name, role, a driver's cars, and the secrets that are set or set anew. */
export function PersonForm({ person, cars, onDone }: Props) {
  const refreshPage = useRefresh();
  const [id] = useState(newId);
  const [own, setOwn] = useState<readonly string[]>(person?.cars ?? []);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const { register, handleSubmit, watch, formState } = useForm({
    defaultValues: { name: person?.name ?? '', role: person?.role ?? 'technician', password: '', pin: '' },
  });
  const role = watch('role') as Role;
  const send = (left: boolean) =>
    handleSubmit(async ({ password, pin, ...typed }) => {
      const secrets = { password: password === '' ? null : password, pin: pin === '' ? null : pin };
      const content = { ...typed, cars: role === 'driver' ? own : [], ...secrets };
      const reply: Reply<PersonRow> = person
        ? await request('PATCH', `/api/people/${person.id}`, { ...content, left, version: person.version })
        : await request('POST', '/api/people', { id, ...content });
      setRefusal(reply.ok ? null : reply.refusal);
      if (!reply.ok) return;
      onDone();
      refreshPage();
    });
  const isOwn = (car: string) => own.includes(car);
  return (
    <form onSubmit={send(false)} noValidate className="grid gap-3 py-3 sm:grid-cols-2">
      <TextField
        label="Name"
        maxLength={80}
        autoComplete="off"
        error={formState.errors.name?.message ?? refusedField(refusal, 'name')}
        {...register('name', { required: 'A name, as it is to stand in the record' })}
      />
      <SelectField
        label="Role"
        hint={asSentence(ROLE_WORDS[role].may)}
        error={refusedField(refusal, 'role')}
        {...register('role')}
      >
        {ROLES.map((each) => (
          <option key={each} value={each}>
            {ROLE_WORDS[each].label}
          </option>
        ))}
      </SelectField>
      <TextField
        label={person?.hasPassword ? 'Another password' : 'Password'}
        type="password"
        autoComplete="new-password"
        hint={person ? `${PASSWORD_RULE}; empty leaves it` : PASSWORD_RULE}
        error={refusedField(refusal, 'password')}
        {...register('password')}
      />
      <TextField
        label={person?.hasPin ? 'Another PIN' : 'PIN'}
        type="password"
        inputMode="numeric"
        autoComplete="off"
        hint={`${PIN_RULE}; for the shop’s own devices`}
        error={refusedField(refusal, 'pin')}
        {...register('pin')}
      />
      {role === 'driver' && (
        <fieldset className="sm:col-span-2">
          <legend className="narrow text-small font-semibold">Own cars</legend>
          <div className="grid sm:grid-cols-2">
            {cars.map((car) => (
              <Tick
                key={car.id}
                checked={isOwn(car.id)}
                onChange={(on) => setOwn(on ? [...own, car.id] : own.filter((each) => each !== car.id))}
              >
                {car.name}
              </Tick>
            ))}
          </div>
        </fieldset>
      )}
      <Trouble className="sm:col-span-2">{refusedAside(refusal)}</Trouble>
      <div className="flex flex-wrap gap-3 sm:col-span-2">
        <Button type="submit" look="primary" disabled={formState.isSubmitting}>
          {person ? 'Save' : 'Take in'}
        </Button>
        <Button look="quiet" onClick={onDone}>
          Leave it
        </Button>
        {person && person.leftAt === null && (
          <Button look="stop" className="ml-auto" onClick={() => void send(true)()}>
            Has left the shop
          </Button>
        )}
      </div>
    </form>
  );
}
