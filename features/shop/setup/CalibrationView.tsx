'use client';

import type { Bin } from '@/core/diagnosis/learn/calibration';
import { figure } from '@/ui/format';
import { later } from '../../shell/later';

// Charts are drawn beside the page, not before it.
const CalibrationChart = later(() => import('./CalibrationChart').then((module) => module.CalibrationChart));

type Props = { bins: Bin[]; jobs: number; brier: number | undefined };

/** Fewer verdicts than this say little of whether to trust it. */
const FEW = 30;

/** What was said against what was proved, by how sure it was said. */
export function CalibrationView({ bins, jobs, brier }: Props) {
  const percent = (share: number) => `${figure(share * 100, 0)} %`;
  return (
    <main id="main" className="mx-auto max-w-4xl p-5">
      <h1 className="text-3xl">How often it was right</h1>
      <p className="mb-4 max-w-prose text-soft">
        The last verdict before each closed job was proved, {jobs} of them: of the causes it named, how often
        was the one it gave so much of a chance the one that was confirmed?{' '}
        {jobs < FEW && 'So few say little yet: look at how wide the bounds are.'}
      </p>
      {bins.length === 0 ? (
        <p>No verdict of a closed job is on file yet.</p>
      ) : (
        <table className="w-full">
          <thead>
            <tr className="narrow border-b-2 border-ink text-left">
              <th scope="col">It said</th>
              <th scope="col" className="text-right">
                Times
              </th>
              <th scope="col" className="text-right">
                On average
              </th>
              <th scope="col" className="text-right">
                It was so
              </th>
              <th scope="col" className="pl-6">
                Four times in five between
              </th>
            </tr>
          </thead>
          <tbody>
            {bins.map((bin) => {
              const fits = bin.said >= bin.wasLow && bin.said <= bin.wasHigh;
              return (
                <tr key={bin.low} className="border-b border-rule">
                  <th scope="row" className="py-2 text-left font-normal">
                    {percent(bin.low)} to {percent(bin.high)}
                  </th>
                  <td className="reading text-right">{bin.count}</td>
                  <td className="reading text-right">{percent(bin.said)}</td>
                  <td className="reading text-right text-lg font-semibold">{percent(bin.was)}</td>
                  <td className="pl-6">
                    <span className="reading">
                      {percent(bin.wasLow)} to {percent(bin.wasHigh)}
                    </span>{' '}
                    <b className={fits ? 'font-semibold text-go' : 'font-semibold text-stop'}>
                      {fits ? 'fits' : bin.said > bin.wasHigh ? 'too sure' : 'not sure enough'}
                    </b>
                  </td>
                </tr>
              );
            })}
          </tbody>
        </table>
      )}
      {bins.length > 0 && (
        <figure className="mt-5">
          <div className="h-80 max-w-xl">
            <CalibrationChart bins={bins} />
          </div>
          <figcaption className="text-small text-soft">
            On the dashed line it is as often so as it said; each bar holds the truth four times in five.
          </figcaption>
        </figure>
      )}
      {brier !== undefined && (
        <p className="mt-3 text-soft">
          Mean squared miss <span className="reading">{figure(brier, 3)}</span>: 0 is perfect, 0.25 a coin.
        </p>
      )}
    </main>
  );
}
