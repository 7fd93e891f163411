'use client';

import { useState } from 'react';
import { useForm } from 'react-hook-form';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Tick } from '@/ui/Tick';
import { Trouble } from '@/ui/Trouble';
import { enter } from './enter';

type Typed = { name: string; password: string; device: string };

/** The first sign-in on a device; one that stays in the shop needs no password after it. */
export function PasswordForm({ to, isShops }: { to: string; isShops: boolean }) {
  const { register, handleSubmit, formState } = useForm<Typed>({
    defaultValues: { name: '', password: '', device: '' },
  });
  const [stays, setStays] = useState(false);
  const [trouble, setTrouble] = useState<string>();
  const send = handleSubmit(async ({ name, password, device }) => {
    const body = { name, password, device: stays ? device : null };
    const reply = await enter('/api/sign-in', body, to);
    setTrouble(reply.ok ? undefined : reply.refusal.message);
  });
  return (
    <form onSubmit={send} noValidate className="max-w-md space-y-3">
      <TextField
        label="Name"
        autoComplete="username"
        error={formState.errors.name?.message}
        {...register('name', { required: 'Your name, as the shop has it' })}
      />
      <TextField
        label="Password"
        type="password"
        autoComplete="current-password"
        error={formState.errors.password?.message}
        {...register('password', { required: 'Your password' })}
      />
      {!isShops && (
        <Tick checked={stays} onChange={setStays}>
          <span>
            This device stays in the shop
            <span className="block text-small text-soft">
              From then on a press on a name and six figures do on it.
            </span>
          </span>
        </Tick>
      )}
      {stays && !isShops && (
        <TextField
          label="What the shop calls it"
          maxLength={80}
          placeholder="Trolley tablet"
          error={formState.errors.device?.message}
          {...register('device', { required: 'A name to know it by, and to end it by when it is lost' })}
        />
      )}
      <Trouble>{trouble}</Trouble>
      <Button type="submit" look="primary" disabled={formState.isSubmitting}>
        Sign in
      </Button>
    </form>
  );
}
