'use client';

import { createContext, type ReactNode, useContext, useMemo, useState } from 'react';
import { flushSync } from 'react-dom';
import type { BaseUnit } from '@/core/base/units/display';
import type { Pose } from '@/core/readings/instruments/condition';
import type { Quantity } from '@/core/readings/instruments/kinds';
import { useKeypad } from './useKeypad';

/** A field that waits for a figure: by keyboard, by the keys on the screen, or from a gauge. */
export type Cell = {
  id: string;
  label: string;
  base: BaseUnit;
  /** Which gauge can fill it, and where that gauge is put. */
  quantity?: Quantity;
  pose?: Pose;
  text: string;
  change: (text: string) => void;
  next: () => void;
};

type MeasureFocus = {
  armed: Cell | null;
  disarm: () => void;
  /** Puts a text in the armed cell and goes on; false when nothing waits. */
  deliver: (text: string) => boolean;
  /** Changes the armed cell's text without going on. */
  edit: (change: (text: string) => string) => void;
  goOn: () => void;
  /** The figure that the last field of this kind was left with: the next is often the same, or near it. */
  before: (cell: Cell) => string | undefined;
};

/** What a cell needs of it: the same from one figure to the next, or each would draw a hundred cells anew. */
type Cells = {
  arm: (id: string) => void;
  /** Cells say what they are now; the armed one is asked when a figure comes. */
  register: (cell: Cell) => void;
  forget: (id: string) => void;
  /** Figures come by the keys on the screen. */
  byKeys: boolean;
};

const FocusContext = createContext<MeasureFocus | null>(null);
const CellsContext = createContext<Cells | null>(null);

export function useMeasureFocus(): MeasureFocus {
  return within(useContext(FocusContext));
}

export function useCells(): Cells {
  return within(useContext(CellsContext));
}

function within<T>(found: T | null): T {
  if (!found) throw new Error('no measuring above this component');
  return found;
}

function kindOf({ base, quantity }: Cell): string {
  return quantity ?? base;
}

/** Knows which field the next figure is for. */
export function MeasureProvider({ children }: { children: ReactNode }) {
  const [armedId, setArmedId] = useState<string | null>(null);
  const [, redraw] = useState(0);
  const [focus] = useState(() => createFocus(setArmedId, () => redraw((count) => count + 1)));
  const { on: byKeys } = useKeypad();
  const cells = useMemo(() => ({ ...focus, byKeys }), [focus, byKeys]);
  const armed = armedId === null ? null : focus.cellOf(armedId);
  return (
    <CellsContext value={cells}>
      <FocusContext value={{ ...focus, armed }}>{children}</FocusContext>
    </CellsContext>
  );
}

/**
 * The cells that are on the screen, and the one that waits for a figure.
 * @param armed told which that is
 * @param changed told that it has become something else: the bar shows what waits
 */
function createFocus(armed: (id: string | null) => void, changed: () => void) {
  const cells = new Map<string, Cell>();
  const left = new Map<string, string>();
  let now: string | null = null;

  function turnTo(id: string | null): void {
    now = id;
    armed(id);
  }
  const cellOf = (id: string | null) => (id === null ? null : (cells.get(id) ?? null));
  function goOnFrom(cell: Cell | null): void {
    if (cell && cell.text !== '') left.set(kindOf(cell), cell.text);
    cell?.next();
  }

  return {
    cellOf,
    arm: (id: string) => turnTo(id),
    disarm: () => turnTo(null),
    register(cell: Cell) {
      const before = cells.get(cell.id);
      cells.set(cell.id, cell);
      if (cell.id === now && before?.text !== cell.text) changed();
    },
    forget(id: string) {
      cells.delete(id);
      if (now === id) turnTo(null);
    },
    deliver(text: string): boolean {
      const cell = cellOf(now);
      if (!cell) return false;
      // The figure has to stand before the field is asked to go on: going on may save the set.
      flushSync(() => cell.change(text));
      goOnFrom(cellOf(cell.id));
      return true;
    },
    edit(change: (text: string) => string) {
      const cell = cellOf(now);
      if (cell) flushSync(() => cell.change(change(cell.text)));
    },
    goOn: () => goOnFrom(cellOf(now)),
    before: (cell: Cell) => left.get(kindOf(cell)),
  };
}
