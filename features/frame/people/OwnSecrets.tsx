'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { PASSWORD_RULE, PIN_RULE } from '@/core/base/people/secrets';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import { Trouble } from '@/ui/Trouble';
import type { Refusal } from '../../shell/refusal';
import { refusedAside, refusedField, request } from '../../shell/request';

const BLANK = { current: '', password: '', pin: '' };

/** One's own password and PIN, over the password that stands. */
export function OwnSecrets() {
  const { register, handleSubmit, reset, formState } = useForm({ defaultValues: BLANK });
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const [done, setDone] = useState(false);
  const send = handleSubmit(async ({ current, password, pin }) => {
    const reply = await request('PATCH', '/api/me', {
      current,
      password: password === '' ? null : password,
      pin: pin === '' ? null : pin,
    });
    setRefusal(reply.ok ? null : reply.refusal);
    setDone(reply.ok);
    if (reply.ok) reset(BLANK);
  });
  return (
    <Opens head="Another password or PIN" className="mt-4 border-t border-soft">
      <form onSubmit={send} noValidate className="grid gap-3 py-2 sm:grid-cols-2">
        <TextField
          label="The password that stands"
          type="password"
          autoComplete="current-password"
          className="sm:col-span-2"
          error={formState.errors.current?.message ?? refusedField(refusal, 'current')}
          {...register('current', { required: 'The password that stands' })}
        />
        <TextField
          label="New password"
          type="password"
          autoComplete="new-password"
          hint={`${PASSWORD_RULE}; empty leaves it`}
          error={refusedField(refusal, 'password')}
          {...register('password')}
        />
        <TextField
          label="New PIN"
          type="password"
          inputMode="numeric"
          autoComplete="off"
          hint={`${PIN_RULE}; empty leaves it`}
          error={refusedField(refusal, 'pin')}
          {...register('pin')}
        />
        <Trouble className="sm:col-span-2">{refusedAside(refusal)}</Trouble>
        <div className="flex items-center gap-3 sm:col-span-2">
          <Button type="submit" disabled={formState.isSubmitting}>
            Change it
          </Button>
          {done && <span role="status">Changed. Your other devices are signed out.</span>}
        </div>
      </form>
    </Opens>
  );
}
