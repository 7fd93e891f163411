'use client';

import { CORNERS, type Corner } from '@/core/car/corner';
import { FINDINGS, type Finding, type FindingWhere } from '@/core/diagnosis/vocabulary/findings';
import { applies } from '@/core/job/applies';
import { Choice } from '@/ui/Choice';
import { useDesk } from '../desk/Desk';
import { CheckCard } from './CheckCard';

const WHERES: { where: FindingWhere; title: string; about: string }[] = [
  { where: 'cabin', title: 'From the seat', about: 'Before anything is touched' },
  { where: 'engine_bay', title: 'Under the bonnet', about: 'Cheap, and half of it needs no tools' },
  { where: 'wheels_on', title: 'Round the car', about: 'Wheels still on: afterwards the evidence is gone' },
  { where: 'wheels_off', title: 'Wheels off', about: 'Pick a corner; look at all of it while you are there' },
  { where: 'pit_lane', title: 'In the pit lane', about: 'Straight in from the lap' },
  { where: 'road', title: 'Driving', about: 'Slow, straight, empty; only on a firm pedal' },
];

/** Every check in working order, cheap ones first, the one worth its minutes next marked. */
export function CheckList() {
  const { sheet, judgement, corner, pickCorner } = useDesk();
  const next = judgement.verdict.nextChecks.slice(0, 3);
  const at: Corner | undefined = corner ?? undefined;
  return WHERES.map(({ where, title, about }) => {
    const checks = (FINDINGS as readonly Finding[]).filter(
      (finding) => finding.where === where && applies(finding.id, sheet.car, at),
    );
    return (
      <section key={where} className="mt-5">
        <div className="flex flex-wrap items-end justify-between gap-2 border-b-2 border-ink pb-1">
          <h3 className="text-xl">
            {title} <span className="ml-1 text-base font-medium text-soft">{about}</span>
          </h3>
          {where === 'wheels_off' && (
            <Choice
              label="Corner"
              value={corner ?? ''}
              onChange={(value) => pickCorner(value === '' ? null : (value as Corner))}
              options={CORNERS.map((each) => ({ value: each, label: each }))}
            />
          )}
        </div>
        <ul>
          {checks.map((check) => (
            <CheckCard
              key={check.id}
              check={check}
              corner={check.place === undefined ? undefined : at}
              rank={next.findIndex((each) => each.id === check.id)}
              next={next.find((each) => each.id === check.id)}
            />
          ))}
        </ul>
      </section>
    );
  });
}
