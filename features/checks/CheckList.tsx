'use client';

import { useState } from 'react';
import { CORNERS, type Corner } from '@/core/car/corner';
import { givenIn } from '@/core/job/standing';
import { applies } from '@/core/readings/applies';
import { mergeFindings } from '@/core/readings/merged';
import type { FindingWhere } from '@/core/readings/vocabulary/entry';
import { FINDINGS, type Finding, type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { Choice } from '@/ui/Choice';
import { Opens } from '@/ui/Opens';
import { useSettledJob } from '../record/JobProvider';
import { useKept } from '../shell/useKept';
import { CheckCard } from './CheckCard';
import { letGo, useWanted } from './wanted';

const WHERES: { where: FindingWhere; title: string; about: string }[] = [
  { where: 'cabin', title: 'From the seat', about: 'Before anything is touched' },
  { where: 'engine_bay', title: 'Under the bonnet', about: 'Cheap, and half of it needs no tools' },
  { where: 'wheels_on', title: 'Round the car', about: 'Wheels still on: afterwards the evidence is gone' },
  { where: 'wheels_off', title: 'Wheels off', about: 'Pick a corner; look at all of it while you are there' },
  { where: 'pit_lane', title: 'In the pit lane', about: 'Straight in from the lap' },
  { where: 'road', title: 'Driving', about: 'Slow, straight, empty; only on a firm pedal' },
];

/** So many checks stand open at first: as many as are done before the verdict has moved on. */
const OPEN_AT_FIRST = 12;

/** What can move this verdict first, best first; what was answered; and every other check one press away. */
export function CheckList() {
  const { sheet, judgement, corner, pickCorner } = useSettledJob();
  const { enough } = judgement.verdict;
  const [rest, setRest] = useKept('checks.rest', false);
  const wanted = useWanted();
  const { now, answered, open } = useOpenAtFirst(rest, wanted);
  const at: Corner | undefined = corner ?? undefined;
  const shown = new Set<FindingId>([...now, ...answered]);
  const others = (FINDINGS as readonly Finding[]).filter(
    (finding) => finding.where !== undefined && !shown.has(finding.id) && applies(finding.id, sheet.car, at),
  );
  const all = rest || answered.length <= OPEN_AT_FIRST || answered.some((id) => id === wanted);
  return (
    <>
      <section className="mt-4">
        <div className="flex flex-wrap items-end justify-between gap-2 border-b-2 border-ink pb-1">
          <h3 className="text-xl">
            {enough ? 'Still open' : 'What matters now'}{' '}
            <span className="ml-1 text-base font-medium text-soft">
              {enough ? 'enough is known to act without it' : 'best first'}
            </span>
          </h3>
          <Choice
            label="Corner"
            value={corner ?? ''}
            onChange={(value) => pickCorner(value === '' ? null : (value as Corner))}
            options={CORNERS.map((each) => ({ value: each, label: each }))}
          />
        </div>
        <Cards checks={now.filter((id) => applies(id, sheet.car, at)).map(findingOf)} />
        {now.length === 0 && (
          <p className="py-2 text-soft">
            {judgement.verdict.nextChecks.length > 0
              ? 'What matters is marked below, where it stands.'
              : 'No check can move this verdict any more. All of them are below.'}
          </p>
        )}
      </section>
      {answered.length > 0 && (
        <Opens
          key={String(all)}
          className="mt-4"
          startOpen={all}
          head={
            <h3 className="text-xl">
              Answered before{' '}
              <span className="reading ml-1 text-base font-medium text-soft">{answered.length}</span>
            </h3>
          }
        >
          <Cards checks={answered.filter((id) => applies(id, sheet.car, at)).map(findingOf)} />
        </Opens>
      )}
      <button
        type="button"
        aria-expanded={open}
        onClick={() => {
          letGo();
          setRest(!open);
        }}
        className="mt-4 flex min-h-12 w-full items-center justify-between border-b-2 border-ink text-left hover:bg-straw-wash"
      >
        <h3 className="text-xl">
          All the other checks{' '}
          <span className="reading ml-1 text-base font-medium text-soft">{others.length}</span>
        </h3>
        <span className="underline underline-offset-4">{open ? 'Fold them' : 'Show them'}</span>
      </button>
      {open &&
        WHERES.map(({ where, title, about }) => {
          const checks = others.filter((finding) => finding.where === where);
          return (
            checks.length > 0 && (
              <section key={where} className="mt-4">
                <h4 className="border-b border-ink pb-1 text-lg font-semibold">
                  {title} <span className="ml-1 text-base font-medium text-soft">{about}</span>
                </h4>
                <Cards checks={checks} />
              </section>
            )
          );
        })}
    </>
  );
}

function Cards({ checks }: { checks: readonly Finding[] }) {
  const { judgement, corner } = useSettledJob();
  // With enough known nothing is next: the rail and the rows say the same.
  const next = judgement.verdict.enough ? [] : judgement.verdict.nextChecks.slice(0, 3);
  return (
    <ul>
      {checks.map((check) => (
        <CheckCard
          key={check.id}
          check={check}
          corner={check.place === undefined ? undefined : (corner ?? undefined)}
          rank={next.findIndex((each) => each.id === check.id)}
          next={next.find((each) => each.id === check.id)}
        />
      ))}
    </ul>
  );
}

/**
 * What stands open while the page is there. What comes to matter later is added below, and nothing moves away from under
 * a finger: what is in sight among the others stays there until they are folded, and all is sorted anew when the page is
 * opened again.
 */
function useOpenAtFirst(rest: boolean, wanted: string | null) {
  const { sheet, judgement } = useSettledJob();
  const isCheck = (id: FindingId) => findingOf(id).where !== undefined;
  const best = judgement.verdict.nextChecks.map(({ id }) => id);
  const [now, setNow] = useState<FindingId[]>(() => best.slice(0, OPEN_AT_FIRST));
  // One that was answered at one corner may matter at another still.
  const [answered] = useState(() => [
    ...new Set(
      mergeFindings(givenIn(sheet.answers, 'before'), judgement.derived.before)
        .findings.map(({ id }) => id)
        .filter((id) => isCheck(id) && !now.includes(id)),
    ),
  ]);
  const isOther = ({ id, where }: Finding) => where !== undefined && ![...now, ...answered].includes(id);
  const open = rest || (FINDINGS as readonly Finding[]).some((each) => each.id === wanted && isOther(each));
  const matters = best.filter((id) => !answered.includes(id)).slice(0, OPEN_AT_FIRST);
  const added = open ? [] : matters.filter((id) => !now.includes(id));
  // Set while rendering: the list is whole at the first paint.
  if (added.length > 0) setNow([...now, ...added]);
  return { now: [...now, ...added], answered, open };
}
