'use client';

import Papa from 'papaparse';
import { useRef, useState } from 'react';
import { guessMapping, type Mapping } from '@/core/exchange/readings/columns';
import type { TableSays } from '@/server/readings/takeIn';
import type { Refusal } from '../../../shell/refusal';
import { request } from '../../../shell/request';

export type OpenTable = { name: string; csv: string; heads: string[]; rows: string[][]; mapping: Mapping };
export type TakeOptions = { only: string | null; units: { mm: string; '°C': string }; leaveOut: boolean };
export type Stage =
  | { is: 'open' }
  | { is: 'looking' }
  | { is: 'looked'; says: TableSays }
  | { is: 'taking'; done: number; of: number }
  | { is: 'taken'; says: TableSays }
  | { is: 'refused'; refusal: Refusal };

/** Rows shown beside the head, so that a person sees what each column holds. */
const SHOWN_ROWS = 4;

type Line = { done?: number; of?: number; said?: TableSays; refusal?: Refusal };

/** A table on its way in: opened here, looked over by the server, taken in with its progress, or ended without a trace. */
export function useTakeIn() {
  const [table, setTable] = useState<OpenTable>();
  const [stage, setStage] = useState<Stage>({ is: 'open' });
  const asked = useRef<AbortController>(null);

  return {
    table,
    stage,
    async open(file: File) {
      const csv = await file.text();
      const [heads = [], ...rows] = Papa.parse<string[]>(csv, { preview: SHOWN_ROWS + 1 }).data;
      setTable({ name: file.name, csv, heads, rows, mapping: guessMapping(heads) });
      setStage({ is: 'open' });
    },
    map(mapping: Mapping) {
      setTable(table && { ...table, mapping });
      setStage({ is: 'open' });
    },
    /** What was looked over holds no more. */
    changed: () => setStage({ is: 'open' }),
    async look(options: TakeOptions) {
      setStage({ is: 'looking' });
      const reply = await request<TableSays>('POST', '/api/readings/check', bodyOf(table!, options));
      setStage(reply.ok ? { is: 'looked', says: reply.value } : { is: 'refused', refusal: reply.refusal });
    },
    async take(options: TakeOptions) {
      const ending = new AbortController();
      asked.current = ending;
      setStage({ is: 'taking', done: 0, of: 0 });
      try {
        for await (const line of linesOf(bodyOf(table!, options), ending.signal)) setStage(stageOf(line));
      } catch {
        setStage(ending.signal.aborted ? { is: 'open' } : { is: 'refused', refusal: SILENT });
      }
    },
    end: () => asked.current?.abort(),
  };
}

const SILENT: Refusal = {
  code: 'unavailable',
  message: 'The server does not answer. Nothing was taken.',
};

const bodyOf = ({ csv, mapping }: OpenTable, options: TakeOptions) => ({ csv, mapping, ...options });

function stageOf({ said, refusal, done, of }: Line): Stage {
  if (said) return { is: 'taken', says: said };
  if (refusal) return { is: 'refused', refusal };
  return { is: 'taking', done: done!, of: of! };
}

/** The answer to a taking in, line by line as it comes. */
async function* linesOf(body: object, signal: AbortSignal): AsyncGenerator<Line> {
  const response = await fetch('/api/readings', {
    method: 'POST',
    headers: { 'content-type': 'application/json' },
    body: JSON.stringify(body),
    signal,
  });
  if (!response.ok || !response.body) {
    yield { refusal: (await response.json()) as Refusal };
    return;
  }
  const reader = response.body.pipeThrough(new TextDecoderStream()).getReader();
  let rest = '';
  for (;;) {
    const { done, value = '' } = await reader.read();
    const lines = (rest + value).split('\n');
    rest = lines.pop()!;
    for (const line of lines) yield JSON.parse(line) as Line;
    if (done) return;
  }
}
