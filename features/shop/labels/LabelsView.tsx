'use client';

import { useState } from 'react';
import { LABEL_KINDS, type Label, type LabelKind } from '@/core/planning/labels/label';
import { LABEL_STOCK, type LabelStock, labelPages, labelsAPage } from '@/core/planning/labels/sheet';
import { Button } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { NumberField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import { Tick } from '@/ui/Tick';
import { useInPage } from '../../shell/useInPage';
import { useKept } from '../../shell/useKept';
import { LabelFace } from './LabelFace';

const KINDS = Object.keys(LABEL_KINDS) as LabelKind[];

type Props = {
  labels: Label[];
  picked: string[];
  /** The address the page was asked for by, as the server was told. */
  opened: string;
};

/** Labels with a code that opens what they are stuck on: chosen, seen as they will print, printed. */
export function LabelsView({ labels, picked, opened }: Props) {
  const [chosen, setChosen] = useState(() => new Set(picked));
  const [stock, keepStock] = useKept<LabelStock>('label-stock', 'sheet');
  const [used, setUsed] = useState('0');
  // Codes lead there.
  const origin = useInPage(() => window.location.origin, opened);
  const { page, across, widthMm } = LABEL_STOCK[stock];
  const most = labelsAPage(stock);
  const usedUp = Number(used.trim() || '0');
  const isUsed = Number.isInteger(usedUp) && usedUp >= 0 && usedUp < most;
  const toPrint = labels.filter(({ id }) => chosen.has(id));
  const pages = labelPages(toPrint, stock, isUsed ? usedUp : 0);
  const put = (ids: readonly string[], on: boolean) => {
    const next = new Set(chosen);
    for (const id of ids)
      if (on) next.add(id);
      else next.delete(id);
    setChosen(next);
  };
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6 print:m-0 print:max-w-none print:p-0">
      {/* Labels print in their true size: a whole sheet without margins, or one label a page of the roll. */}
      <style>{`@page { size: ${page}; margin: 0 }`}</style>
      <div className="print:hidden">
        <h1 className="text-3xl">Labels</h1>
        <p className="mb-3 text-soft">
          The code on a label opens what it is stuck on: a bottle, a car, a part.
          {isOnlyHere(origin) && (
            <b className="mt-1 block border-l-[6px] border-bronze pl-3 font-semibold text-ink">
              This page was opened as {origin}: a phone that reads the codes gets nowhere. Open it by this
              machine’s address on the shop’s network first.
            </b>
          )}
        </p>
        <div className="flex flex-wrap items-end gap-4">
          <Choice
            label="Printed on"
            value={stock}
            onChange={(value) => value !== '' && keepStock(value as LabelStock)}
            options={Object.entries(LABEL_STOCK).map(([value, { label }]) => ({ value, label }))}
          />
          {most > 1 && (
            <NumberField
              label="Used up on the first sheet"
              value={used}
              onChange={(event) => setUsed(event.target.value)}
              error={isUsed ? undefined : `${used} is not taken: 0 to ${most - 1}`}
              className="w-52"
            />
          )}
          <Button look="primary" disabled={toPrint.length === 0} onClick={() => window.print()}>
            Print {toPrint.length === 1 ? 'one label' : `${toPrint.length} labels`}
          </Button>
        </div>
        <div className="mt-4 grid gap-x-6 gap-y-2 sm:grid-cols-3">
          {KINDS.map((kind) => (
            <Picks
              key={kind}
              kind={kind}
              labels={labels.filter((label) => label.kind === kind)}
              chosen={chosen}
              onPut={put}
            />
          ))}
        </div>
        {pages.length > 0 && <h2 className="mt-6 border-b-2 border-ink text-xl">As it prints</h2>}
      </div>
      {pages.map((places, at) => (
        <div
          key={at}
          data-label-page={stock}
          style={{ gridTemplateColumns: `repeat(${across}, ${widthMm}mm)` }}
          className="mt-4 grid w-fit max-w-full overflow-x-auto print:mt-0 print:not-last:break-after-page"
        >
          {places.map((label, place) => (
            <LabelFace key={label?.id ?? `used ${place}`} label={label} stock={stock} origin={origin} />
          ))}
        </div>
      ))}
    </main>
  );
}

type PicksProps = {
  kind: LabelKind;
  labels: Label[];
  chosen: ReadonlySet<string>;
  onPut: (ids: readonly string[], on: boolean) => void;
};

/** Things of one kind to choose from; a long list opens. */
function Picks({ kind, labels, chosen, onPut }: PicksProps) {
  const ids = labels.map(({ id }) => id);
  const count = ids.filter((id) => chosen.has(id)).length;
  return (
    <fieldset>
      <legend className="sr-only">{LABEL_KINDS[kind]}</legend>
      <Opens
        startOpen
        head={
          <b className="narrow">
            {LABEL_KINDS[kind]}{' '}
            <span className="reading font-medium text-soft">
              {count} of {ids.length}
            </span>
          </b>
        }
      >
        {labels.length === 0 && <p className="text-soft">None on file.</p>}
        {labels.length > 1 && (
          <Button look="quiet" className="px-0" onClick={() => onPut(ids, count < ids.length)}>
            {count < ids.length ? 'All' : 'None'}
          </Button>
        )}
        <ul className="max-h-72 overflow-y-auto">
          {labels.map(({ id, title, lines }) => (
            <li key={id} className="border-b border-rule">
              <Tick className="py-1" checked={chosen.has(id)} onChange={(on) => onPut([id], on)}>
                <span className="min-w-0">
                  {title} <span className="block text-small text-soft">{lines.slice(0, 2).join(' · ')}</span>
                </span>
              </Tick>
            </li>
          ))}
        </ul>
      </Opens>
    </fieldset>
  );
}

function isOnlyHere(origin: string): boolean {
  return /^https?:\/\/(127\.|localhost|\[::1\])/.test(origin);
}
