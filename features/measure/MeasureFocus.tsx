'use client';

import { createContext, type ReactNode, useCallback, useContext, useMemo, useRef, useState } from 'react';
import { flushSync } from 'react-dom';
import type { BaseUnit } from '@/core/base/units/display';
import type { Pose } from '@/core/readings/instruments/condition';
import type { Quantity } from '@/core/readings/instruments/kinds';

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
  arm: (id: string) => void;
  disarm: () => void;
  /** Cells say what they are now; the armed one is asked when a figure comes. */
  register: (cell: Cell) => void;
  forget: (id: string) => void;
  /** Puts a text in the armed cell and goes on; false when nothing waits. */
  deliver: (text: string) => boolean;
  /** Changes the armed cell's text without going on. */
  edit: (change: (text: string) => string) => void;
  goOn: () => void;
  /** The figure that the last field of this kind was left with: the next is often the same, or near it. */
  before: (cell: Cell) => string | undefined;
};

const Context = createContext<MeasureFocus | null>(null);

export function useMeasureFocus(): MeasureFocus {
  const desk = useContext(Context);
  if (!desk) throw new Error('no measuring desk above this component');
  return desk;
}

function kindOf({ base, quantity }: Cell): string {
  return quantity ?? base;
}

/** Knows which field the next figure is for. */
export function MeasureProvider({ children }: { children: ReactNode }) {
  const cells = useRef(new Map<string, Cell>());
  const [armedId, setArmedId] = useState<string | null>(null);
  const [, redraw] = useState(0);
  const now = useRef<string | null>(null);
  const left = useRef(new Map<string, string>());

  const arm = useCallback((id: string) => {
    now.current = id;
    setArmedId(id);
  }, []);
  const disarm = useCallback(() => {
    now.current = null;
    setArmedId(null);
  }, []);
  const register = useCallback((cell: Cell) => {
    const before = cells.current.get(cell.id);
    cells.current.set(cell.id, cell);
    // The bar shows what waits: draw it again when that has become something else.
    if (cell.id === now.current && before?.text !== cell.text) redraw((count) => count + 1);
  }, []);
  const forget = useCallback((id: string) => {
    cells.current.delete(id);
    if (now.current === id) {
      now.current = null;
      setArmedId(null);
    }
  }, []);
  const desk = useMemo((): Omit<MeasureFocus, 'armed'> => {
    const waiting = () => (now.current === null ? undefined : cells.current.get(now.current));
    const goOnFrom = (cell: Cell | undefined) => {
      if (cell && cell.text !== '') left.current.set(kindOf(cell), cell.text);
      cell?.next();
    };
    return {
      arm,
      disarm,
      register,
      forget,
      deliver(text) {
        const cell = waiting();
        if (!cell) return false;
        // The figure has to stand before the field is asked to go on: going on may save the set.
        flushSync(() => cell.change(text));
        goOnFrom(cells.current.get(cell.id));
        return true;
      },
      edit(change) {
        const cell = waiting();
        if (cell) flushSync(() => cell.change(change(cell.text)));
      },
      goOn: () => goOnFrom(waiting()),
      before: (cell) => left.current.get(kindOf(cell)),
    };
  }, [arm, disarm, register, forget]);
  const armed = armedId === null ? null : (cells.current.get(armedId) ?? null);
  return <Context value={{ ...desk, armed }}>{children}</Context>;
}
