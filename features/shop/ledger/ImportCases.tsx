'use client';

import { useRef, useState } from 'react';
import { Button } from '@/ui/Button';
import { caseIssuesAway } from '../../record/judge';
import { refusalFrom } from '../../shell/checked';
import { later } from '../../shell/later';
import { IssueList } from '../../shell/RefusalBox';
import type { Refusal } from '../../shell/refusal';
import { type Reply, request } from '../../shell/request';
import { useRefresh } from '../../shell/useRefresh';

const Sheet = later(() => import('@/ui/Sheet').then((module) => module.Sheet));

type Result = { added: number; known: number };

/** Takes case files in: one case, a list, or one a line. */
export function ImportCases() {
  const refreshPage = useRefresh();
  const picker = useRef<HTMLInputElement>(null);
  const [result, setResult] = useState<Result | null>(null);
  const [refusal, setRefusal] = useState<Refusal | null>(null);
  const take = async (file: File) => {
    const text = await file.text();
    const issues = await caseIssuesAway(text);
    const reply: Reply<Result> =
      issues.length > 0
        ? { ok: false, refusal: refusalFrom(issues) }
        : await request('POST', '/api/cases', text);
    setResult(reply.ok ? reply.value : null);
    setRefusal(reply.ok ? null : reply.refusal);
    if (picker.current) picker.current.value = '';
    refreshPage();
  };
  return (
    <>
      <Button onClick={() => picker.current?.click()}>Import cases</Button>
      <input
        ref={picker}
        type="file"
        accept=".json,.ndjson,application/json,application/x-ndjson"
        aria-label="Case files to import"
        className="sr-only"
        tabIndex={-1}
        onChange={(event) => {
          const file = event.target.files?.[0];
          if (file) void take(file);
        }}
      />
      <Sheet
        title={refusal ? 'Not taken' : 'Taken in'}
        open={result !== null || refusal !== null}
        onOpenChange={() => {
          setResult(null);
          setRefusal(null);
        }}
      >
        {result && (
          <p>
            {result.added} {result.added === 1 ? 'case' : 'cases'} added
            {result.known > 0 && `, ${result.known} already known`}.
          </p>
        )}
        {refusal && (
          <>
            <p>{refusal.message} None of the file was taken.</p>
            <IssueList issues={refusal.issues} />
          </>
        )}
      </Sheet>
    </>
  );
}
