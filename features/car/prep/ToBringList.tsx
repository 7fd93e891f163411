import type { ToBring } from '@/core/planning/prep/buyList';

/** What has to be there, against the shelf; whether a lot is made for this car a person tells. */
export function ToBringList({ list }: { list: ToBring[] }) {
  if (list.length === 0) return null;
  return (
    <section aria-labelledby="to-bring" className="mt-5 break-inside-avoid">
      <h2 id="to-bring" className="border-b-2 border-ink text-xl">
        To have, or to buy
      </h2>
      <ul>
        {list.map(({ what, count, unit, there, enough, from }) => (
          <li key={what} className="border-b border-rule py-2">
            <span className="flex flex-wrap items-baseline gap-x-3">
              <b className="reading w-20 text-right font-semibold">
                {count} {unit === 'ml' ? 'ml' : '×'}
              </b>
              <span className="flex-1">{what}</span>
              <span className={enough ? 'text-go' : 'font-semibold text-bronze'}>
                {enough ? 'on the shelf: ' : there === 0 ? 'none on the shelf' : 'only '}
                {there > 0 && `${there}${unit === 'ml' ? ' ml' : ''}`}
                {there > 0 && !enough && ' there'}
              </span>
            </span>
            {from.length > 0 && (
              <span className="block pl-[5.75rem] text-small text-soft">
                {from.map((lot) => `${lot.what} ${lot.batch}`.trim()).join('; ')}
              </span>
            )}
          </li>
        ))}
      </ul>
    </section>
  );
}
