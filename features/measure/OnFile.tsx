'use client';

import type { ReadingRow } from '@/core/job/sheet';
import { moment } from '@/ui/format';
import { useSettledJob } from '../record/JobProvider';
import { useShop } from '../shell/ShopContext';
import { useUnits } from '../shell/useUnits';
import { readingWords } from './readingWords';

type Props = { head?: ReadingRow; earlier: readonly ReadingRow[] };

/** What is written down, as it was entered, and what it replaced: struck through, in sight. */
export function OnFile({ head, earlier }: Props) {
  const shop = useShop();
  const { figures } = useSettledJob().judgement;
  const units = useUnits();
  if (!head && earlier.length === 0) return null;
  const words = (row: ReadingRow) => readingWords(row, figures[row.id], units);
  const when = (row: ReadingRow) => moment(row.recordedAt, shop, new Date(shop.now));
  const entered = Object.values(head?.entered ?? {});
  return (
    <div className="text-small text-soft">
      {head && (
        <p>
          On file: <span className="reading font-semibold text-ink">{words(head)}</span> · {when(head)}
          {head.why !== '' && <> · {head.why}</>}
        </p>
      )}
      {entered.length > 0 && <p>Entered as {listed(entered)}.</p>}
      {earlier.map((row) => (
        <p key={row.id}>
          Before: <s className="reading">{words(row)}</s> · {when(row)}
        </p>
      ))}
    </div>
  );
}

/** The first few of a list, and how many more. */
function listed(texts: readonly string[]): string {
  const shown = texts.slice(0, 4).join(', ');
  return texts.length > 4 ? `${shown} and ${texts.length - 4} more` : shown;
}
