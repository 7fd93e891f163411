'use client';

import type { Corner } from '@/core/car/corner';
import { MEASURES } from '@/core/readings/measures';
import { Button } from '@/ui/Button';
import { useSettledJob } from '../../record/JobProvider';
import { useShop } from '../../shell/ShopContext';
import { useUnits } from '../../shell/useUnits';
import { allGood, lookInTypedFrom, looksAt, readLookIn } from './typed';

const COUNT_WORDS: Readonly<Record<number, string>> = { 2: 'both', 3: 'the other three', 4: 'all four' };

/** Writes down at several corners that all is as it should be, where somebody looked and saw nothing. */
export function AllGood({ corners }: { corners: readonly Corner[] }) {
  const { sheet, read } = useSettledJob();
  const units = useUnits();
  const { limits } = useShop();
  const write = () => {
    for (const corner of corners) {
      const good = allGood(lookInTypedFrom(undefined, units), looksAt(sheet.car, corner));
      const { input } = readLookIn(good, { car: sheet.car, corner, units, limits });
      if (input) read({ phase: 'before', kind: MEASURES.lookIn.kind, corner, input });
    }
  };
  return (
    <Button className="min-h-14" onClick={write}>
      Looked in at {COUNT_WORDS[corners.length]}: as they should be
    </Button>
  );
}
