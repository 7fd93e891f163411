'use client';

import { useState } from 'react';
import { type FieldPath, get, useForm } from 'react-hook-form';
import type { ShopRow } from '@/server/shop/queries';
import { markRefused } from '../../shell/markRefused';
import { requestForm } from '../../shell/request';
import { sendsAnew } from '../../shell/sendsAnew';
import { unitsIn } from '../../shell/units';
import { useKept } from '../../shell/useKept';
import { useRefresh } from '../../shell/useRefresh';
import { useShowKept } from '../../shell/useShowKept';
import { type SetupDraft, setupContent, setupDraft } from './setupDraft';

export type SetupName = FieldPath<SetupDraft>;
export type SetupEditing = Omit<ReturnType<typeof useSetupForm>, 'onSubmit'>;

/** The shop's settings while they are typed: kept on this device until they are saved, each refusal at its field. */
export function useSetupForm(shop: ShopRow) {
  const refreshPage = useRefresh();
  // As the shop measured when the page was opened: what is typed keeps its meaning until it is saved.
  const [units, setUnits] = useState(() => unitsIn(shop));
  const [kept, keep, forget] = useKept(`setup.${shop.version}`, setupDraft(shop, units));
  const form = useForm<SetupDraft>({ defaultValues: kept });
  const [saved, setSaved] = useState(false);
  useShowKept(form, kept);
  const typed = form.watch();
  const { errors } = form.formState;
  const save = form.handleSubmit(async (draft) => {
    const reply = await requestForm<ShopRow>('PUT', '/api/shop', {
      kind: 'shop',
      content: setupContent(draft, shop.limits, units),
      beside: { version: shop.version },
    });
    setSaved(reply.ok);
    if (!reply.ok) {
      markRefused(form, reply.refusal);
      // The page is long: it is said beside the key that saves too.
      form.setError('root', { message: reply.refusal.message });
      return;
    }
    const now = unitsIn(reply.value);
    const stands = setupDraft(reply.value, now);
    setUnits(now);
    form.reset(stands);
    keep(stands);
    forget();
    refreshPage();
  });
  return {
    typed,
    units,
    saved,
    /** What the last refusal said of the whole; another each time. */
    refused: errors.root,
    /** A field, and what is wrong with it by the server's name for it. */
    field: (name: SetupName) => ({
      value: get(typed, name) as string,
      error: (get(errors, name) as { message?: string } | undefined)?.message,
      onChange: (event: { target: { value: string } }) => {
        form.setValue(name, event.target.value);
        keep(structuredClone(form.getValues()));
        setSaved(false);
      },
    }),
    onSubmit: sendsAnew(form, save),
  };
}
