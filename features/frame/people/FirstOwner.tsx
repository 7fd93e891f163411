'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { PASSWORD_RULE } from '@/core/base/people/secrets';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Trouble } from '@/ui/Trouble';
import type { Refusal } from '../../shell/refusal';
import { refusedAside, refusedField } from '../../shell/request';
import { Door } from './Door';
import { enter } from './enter';

/** The first of a shop: who may do everything, and takes the others in. */
export function FirstOwner({ code }: { code: string }) {
  const { register, handleSubmit, formState } = useForm({ defaultValues: { name: '', password: '' } });
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const send = handleSubmit(async (typed) => {
    const reply = await enter('/api/sign-in/first', { code, ...typed }, '/');
    setRefusal(reply.ok ? null : reply.refusal);
  });
  return (
    <Door>
      <h1 className="text-3xl">Whose shop is this?</h1>
      <p className="my-3 text-soft">
        Whoever owns it may do everything, and takes in the others under Setup, People. Nobody gets in without
        being one of them.
      </p>
      <form onSubmit={send} noValidate className="max-w-md space-y-3">
        <TextField
          label="Your name"
          autoComplete="username"
          maxLength={80}
          error={formState.errors.name?.message ?? refusedField(refusal, 'name')}
          {...register('name', { required: 'A name, as it is to stand in the record' })}
        />
        <TextField
          label="A password"
          type="password"
          autoComplete="new-password"
          hint={PASSWORD_RULE}
          error={formState.errors.password?.message ?? refusedField(refusal, 'password')}
          {...register('password', { required: PASSWORD_RULE })}
        />
        <Trouble>{refusedAside(refusal)}</Trouble>
        <Button type="submit" look="primary" disabled={formState.isSubmitting}>
          Open the shop
        </Button>
      </form>
    </Door>
  );
}
