'use client';

import { Command } from 'cmdk';
import { Dialog } from 'radix-ui';
import { useMemo, useState } from 'react';
import { FIND_KINDS, type FindEntry, type FindKind } from '@/core/exchange/find/entry';
import { prepareSearch, search } from '@/core/exchange/find/search';
import { useGo } from '../../shell/useGo';
import { useEntries } from './useEntries';

type Props = { open: boolean; onOpenChange: (open: boolean) => void };

/** Anything by its name, from any screen. */
export function FindSheet({ open, onOpenChange }: Props) {
  const go = useGo();
  const { entries, old } = useEntries();
  const prepared = useMemo(() => prepareSearch(entries), [entries]);
  const [question, setQuestion] = useState('');
  const found = search(prepared, question);
  const choose = ({ href }: FindEntry) => {
    onOpenChange(false);
    go(href);
  };
  return (
    <Dialog.Root open={open} onOpenChange={onOpenChange}>
      <Dialog.Portal>
        <Dialog.Overlay className="fixed inset-0 z-40 bg-black/45" />
        <Dialog.Content
          aria-describedby={undefined}
          className="fixed inset-x-0 top-0 z-50 flex max-h-dvh flex-col border-b-4 border-ink bg-card text-ink desk:inset-x-auto desk:top-[10dvh] desk:left-1/2 desk:max-h-[76dvh] desk:w-[40rem] desk:max-w-[94vw] desk:-translate-x-1/2 desk:border-4"
        >
          <Dialog.Title className="sr-only">Find anything</Dialog.Title>
          <Command shouldFilter={false} label="Find anything" className="flex min-h-0 flex-col">
            <Command.Input
              value={question}
              onValueChange={setQuestion}
              placeholder="A car, a job, a part, a finding, a limit…"
              className="min-h-14 w-full border-b-2 border-ink bg-card px-4 text-lg"
            />
            <Command.List className="min-h-0 overflow-y-auto">
              {question.trim() === '' ? (
                <p className="p-4 text-soft">
                  Some letters of each word are enough.{' '}
                  {old && 'Without the shop’s network: as it was last seen here.'}
                </p>
              ) : (
                <Command.Empty className="p-4 text-soft">Nothing is called that.</Command.Empty>
              )}
              {groups(found).map(([kind, own]) => (
                <Command.Group
                  key={kind}
                  heading={FIND_KINDS[kind]}
                  className="[&_[cmdk-group-heading]]:border-b [&_[cmdk-group-heading]]:border-rule [&_[cmdk-group-heading]]:px-4 [&_[cmdk-group-heading]]:pt-2 [&_[cmdk-group-heading]]:text-small [&_[cmdk-group-heading]]:text-soft"
                >
                  {own.map((entry) => (
                    <Command.Item
                      key={entry.id}
                      value={entry.id}
                      onSelect={() => choose(entry)}
                      className="flex min-h-11 cursor-pointer flex-wrap items-baseline gap-x-3 px-4 py-2 data-[selected=true]:bg-straw-wash"
                    >
                      <b className="font-semibold">{entry.title}</b>
                      <span className="text-small text-soft">{entry.about}</span>
                    </Command.Item>
                  ))}
                </Command.Group>
              ))}
            </Command.List>
          </Command>
        </Dialog.Content>
      </Dialog.Portal>
    </Dialog.Root>
  );
}

/** By kind, the kind of the best match first. */
function groups(found: readonly FindEntry[]): [FindKind, FindEntry[]][] {
  const byKind = new Map<FindKind, FindEntry[]>();
  for (const entry of found) byKind.set(entry.kind, [...(byKind.get(entry.kind) ?? []), entry]);
  return [...byKind];
}
