'use client';

import { AXLES, axleOf, type Corner } from '@/core/car/corner';
import { type GapAt, gapsAt } from '@/core/job/gapsAt';
import { CAUSE_FIRST, causeFirst, GAP_PARTS, SEAL_MM, SPRING_REACH_MM } from '@/core/planning/knockback/gaps';
import { useJob } from '../record/JobProvider';
import { useUnits } from '../shell/useUnits';

/**
 * What opens a gap at the pads of these corners, from what this job has measured, against what seals and springs take
 * back; what is cured before a spring goes in.
 */
export function PadGaps({ corners, springs }: { corners: readonly Corner[]; springs: boolean }) {
  const { sheet } = useJob();
  const { unit, full, show } = useUnits();
  const rows = AXLES.filter((axle) => corners.some((corner) => axleOf(corner) === axle))
    .flatMap((axle) => gapsAt(sheet, axle, springs))
    .filter(({ corner }) => corners.includes(corner));
  const mm = (value: number) => show(value, 'mm', 2);
  return (
    <section aria-label="What opens the gap" className="my-2 min-w-0 max-w-3xl">
      <div className="overflow-x-auto">
        <table className="w-full border-collapse text-left">
          <caption className="narrow pb-1 text-left font-semibold">
            What opens the gap at the pads, {unit('mm')}
          </caption>
          <thead className="text-small text-soft">
            <tr className="border-b border-ink">
              <th className="pr-2 font-normal">At</th>
              {Object.values(GAP_PARTS).map((label) => (
                <th key={label} className="pr-2 font-normal">
                  {label}
                </th>
              ))}
              <th className="pr-2 font-normal">Opens</th>
              <th className="pr-2 font-normal">Still open</th>
              <th className="font-normal">Pedal</th>
            </tr>
          </thead>
          <tbody className="reading max-sm:text-base text-lg">
            {rows.map((row) => (
              <tr key={row.corner} className="border-b border-rule">
                <th className="pr-2 font-semibold">{row.corner}</th>
                {(Object.keys(GAP_PARTS) as (keyof typeof GAP_PARTS)[]).map((part) => {
                  const known = row.parts.find((each) => each.part === part);
                  return (
                    <td key={part} className="pr-2">
                      {known ? (
                        mm(known.mm)
                      ) : (
                        <span className="narrow font-sans text-base text-soft">not read</span>
                      )}
                    </td>
                  );
                })}
                <td className="pr-2">{row.parts.length === 0 ? '—' : mm(row.openMm)}</td>
                <td className="pr-2 font-semibold">{row.parts.length === 0 ? '—' : mm(row.leftMm)}</td>
                <td>
                  {row.pedalMm === undefined || row.parts.length === 0 ? '—' : show(row.pedalMm, 'mm', 1)}
                </td>
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="text-small text-soft">
        Seals take back {full(SEAL_MM, 'mm', 2)} a side
        {springs && `, springs ${full(SPRING_REACH_MM, 'mm', 2)} more: still open is with springs in`} (our
        model). What is not read counts as nothing.
      </p>
      {rows.flatMap(adviceAt).map((line) => (
        <p key={line} className="mt-1 border-l-[6px] border-bronze pl-3 font-semibold">
          {line}
        </p>
      ))}
    </section>
  );
}

function adviceAt(row: GapAt): string[] {
  const part = causeFirst(row);
  return part ? [`${row.corner}: ${CAUSE_FIRST[part]}`] : [];
}
