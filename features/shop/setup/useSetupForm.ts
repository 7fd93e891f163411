'use client';

import { useState } from 'react';
import { type FieldPath, get, type UseFormReturn, useForm } from 'react-hook-form';
import type { ShopRow } from '@/server/shop/queries';
import { markRefused } from '../../shell/markRefused';
import { errorWords, LOOK_OVER } from '../../shell/rebase';
import { requestForm } from '../../shell/request';
import { sendsAnew } from '../../shell/sendsAnew';
import { unitsIn } from '../../shell/units';
import { useRefresh } from '../../shell/useRefresh';
import { type SetupDraft, setupContent, setupDraft } from './setupDraft';
import { useKeptSetup } from './useKeptSetup';

export type SetupName = FieldPath<SetupDraft>;
export type SetupEditing = Omit<ReturnType<typeof useSetupForm>, 'onSubmit' | 'left'>;

/** The shop's settings while they are typed: kept on this device until they are saved, each refusal at its field. */
export function useSetupForm(shop: ShopRow) {
  const form = useForm<SetupDraft>({ defaultValues: setupDraft(shop, unitsIn(shop)) });
  const kept = useKeptSetup(form, shop);
  const [saved, setSaved] = useState(false);
  const { units } = kept;
  const typed = form.watch();
  const { errors } = form.formState;
  const save = useSaving(form, shop, kept);
  return {
    typed,
    units,
    saved,
    left: kept,
    /** What the last refusal said of the whole; another each time. */
    refused: errors.root,
    /**
     * A field, and what is wrong with it by the server's name for it.
     * @param shown a value as the field shows it
     */
    field: (name: SetupName, shown = (value: string) => value) => ({
      value: get(typed, name) as string,
      error: errorWords(get(errors, name), () => get(setupDraft(shop, units), name), shown),
      onChange: (event: { target: { value: string } }) => {
        form.setValue(name, event.target.value);
        kept.keep();
        setSaved(false);
      },
    }),
    onSubmit: sendsAnew(
      form,
      form.handleSubmit(async (draft) => setSaved(await save(draft))),
    ),
  };
}

/** Saves what was typed, or marks what was refused of it. @returns whether it is saved */
function useSaving(form: UseFormReturn<SetupDraft>, shop: ShopRow, kept: ReturnType<typeof useKeptSetup>) {
  const refreshPage = useRefresh();
  return async (draft: SetupDraft): Promise<boolean> => {
    const reply = await requestForm<ShopRow>('PUT', '/api/shop', {
      kind: 'shop',
      content: setupContent(draft, shop.limits, kept.units),
      beside: { version: shop.version },
    });
    if (reply.ok) {
      kept.saved(reply.value);
      refreshPage();
      return true;
    }
    markRefused(form, reply.refusal);
    // The page is long: it is said beside the key that saves too.
    const isStale = reply.refusal.code === 'stale';
    form.setError('root', {
      message: isStale ? `${reply.refusal.message} ${LOOK_OVER}` : reply.refusal.message,
    });
    if (isStale) refreshPage();
    return false;
  };
}
