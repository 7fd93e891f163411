'use client';

import { UNMEASURED } from '@/core/readings/heat/band';
import { type Change, lapsInside } from '@/core/readings/heat/changes';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import { Beam } from '@/ui/Beam';
import { Button } from '@/ui/Button';
import { FigureList } from '@/ui/FigureList';
import { figure } from '@/ui/format';
import { later } from '../../../shell/later';
import { useUnits } from '../../../shell/useUnits';
import { heatFigures } from './figures';
import type { Worked } from './useSession';

const HeatChart = later(() => import('./HeatChart').then((module) => module.HeatChart), {
  loading: () => <p className="text-soft">Drawing the laps …</p>,
});

/** What a session comes to: which lap stops it, the curve, and which single change buys the most laps. */
export function HeatSays({
  worked,
  input,
  onGiveUp,
}: {
  worked: Worked;
  input: HeatSessionInput;
  onGiveUp: () => void;
}) {
  const units = useUnits();
  const { session, band, changes, pairs, done } = worked;
  const { laps, fit } = session;
  const isInside = lapsInside(input) === input.laps;
  return (
    <>
      <FigureList items={heatFigures(session, input, units, band)} />
      <div className="h-[24rem]">
        <HeatChart laps={laps} band={band} limits={input.limits} measured={input.measured} />
      </div>
      {fit && (
        <p>
          Fitted to what was measured: cooling{' '}
          <b className="reading font-semibold">{times(fit.coolingScale)}</b>
          {fit.couplingFixed
            ? '; a rotor and a caliper peak would tell what goes through the pads as well'
            : `, through the pads ${times(fit.couplingScale)}`}
          , four times in five.
        </p>
      )}
      <p className="text-soft">
        {fit
          ? 'The band is what the fit leaves open, four times in five.'
          : `The band is what the model leaves open on a car nobody measured: ${figure(UNMEASURED * 100, 0)} % of its cooling and of what goes through the pads either way (our model).`}
      </p>
      <section aria-labelledby="changes" className="grid gap-3">
        <h2 id="changes" className="border-b-2 border-ink pb-1 text-xl">
          What buys laps
        </h2>
        {changes.length === 0 && (
          <p className="text-soft">
            {isInside ? 'Nothing is needed: no limit is passed.' : 'No single change buys a whole lap.'}
          </p>
        )}
        {changes.length > 0 && <ChangeTable head="One change" changes={changes} />}
        {pairs && pairs.length > 0 && <ChangeTable head="Two at once" changes={pairs} />}
        {pairs?.length === 0 && !isInside && (
          <p className="text-soft">No two changes buy more than the better of them alone.</p>
        )}
        {done !== undefined && (
          <div className="flex items-center gap-4">
            <div className="grow">
              <p role="status">Two changes at once are tried: {figure(done * 100, 0)} %</p>
              <Beam share={done} />
            </div>
            <Button onClick={onGiveUp}>Leave it</Button>
          </div>
        )}
      </section>
    </>
  );
}

/** Changes, most laps first, each with what it costs. */
function ChangeTable({ head, changes }: { head: string; changes: readonly Change[] }) {
  const units = useUnits();
  return (
    <table className="w-full max-w-3xl table-fixed">
      <thead>
        <tr className="narrow text-left text-small">
          <th scope="col" className="w-2/5 sm:w-1/2">
            {head}
          </th>
          <th scope="col" className="w-11 text-right sm:w-16">
            Laps
          </th>
          <th scope="col" className="w-11 text-right sm:w-16">
            More
          </th>
          <th scope="col" className="pl-4">
            What it costs
          </th>
        </tr>
      </thead>
      <tbody>
        {changes.map(({ ids, label, cost, laps, gained }) => (
          <tr key={ids.join()} className="border-t border-rule">
            <td className="py-1">{units.words(label)}</td>
            <td className="reading text-right">{laps}</td>
            <td className="reading text-right font-semibold">+{gained}</td>
            <td className="pl-4 text-soft">{cost}</td>
          </tr>
        ))}
      </tbody>
    </table>
  );
}

/** A factor on the model's own, with its bounds. */
function times({ value, low, high }: { value: number; low: number; high: number }): string {
  return `${figure(value, 2)} times the model’s (${figure(low, 2)} to ${figure(high, 2)})`;
}
