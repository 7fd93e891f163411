'use client';

import type { AuditLine } from '@/server/people/audit';
import { buttonClass } from '@/ui/Button';
import { SelectField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { Link } from '@/ui/Link';
import { useShop } from '../../shell/ShopContext';
import { useGo } from '../../shell/useGo';
import { changeWords, saidOf } from './auditWords';

type Props = {
  audit: { lines: AuditLine[]; next: number | null };
  people: { id: string; name: string }[];
  who?: string;
};

/** What was done in the shop, by whom, when and on which device; the newest first. */
export function AuditView({ audit: { lines, next }, people, who }: Props) {
  const shop = useShop();
  const go = useGo();
  const now = new Date(shop.now);
  const at = (query: Record<string, string | undefined>) =>
    `/setup/audit?${new URLSearchParams(Object.entries(query).filter((pair): pair is [string, string] => pair[1] !== undefined))}`;
  return (
    <main id="main" className="mx-auto max-w-5xl p-5">
      <h1 className="text-3xl">Who did what</h1>
      <p className="mb-3 max-w-prose text-soft">
        Sign-ins, changes of people, setup, cars, jobs, shelf and days. Single answers, readings and steps
        stand with their names in the story of their job. What was written before there were names says so.
      </p>
      <div className="mb-3 flex flex-wrap items-end gap-3 print:hidden">
        <SelectField
          label="Who"
          value={who ?? ''}
          onChange={(event) => go(at({ who: event.target.value || undefined }))}
        >
          <option value="">Everybody</option>
          {people.map(({ id, name }) => (
            <option key={id} value={id}>
              {name}
            </option>
          ))}
        </SelectField>
        <a href="/api/audit" download className={buttonClass('quiet')}>
          As a table
        </a>
      </div>
      <ul className="border-t-2 border-ink">
        {lines.map((line) => (
          <li
            key={line.seq}
            className="grid gap-x-4 border-b border-soft py-1.5 sm:grid-cols-[10rem_9rem_1fr]"
          >
            <span className="reading text-small text-soft">{moment(line.at, shop, now)}</span>
            <span className="font-semibold">{line.who ?? 'not known'}</span>
            <span>
              {saidOf(line)}
              {line.about && line.about !== line.who && (
                <>
                  {': '}
                  <About line={line} />
                </>
              )}
              {line.device && <span className="text-small text-soft"> on {line.device}</span>}
              <span className="block text-small text-soft">{changeWords(line.changes)}</span>
            </span>
          </li>
        ))}
      </ul>
      {lines.length === 0 && <p className="py-3 text-soft">Nothing yet.</p>}
      {next !== null && (
        <Link href={at({ who, before: String(next) })} className={buttonClass('plain')}>
          Older
        </Link>
      )}
    </main>
  );
}

function About({ line: { about, jobId, carId } }: { line: AuditLine }) {
  const href = jobId ? `/job/${jobId}` : carId ? `/car/${carId}` : undefined;
  return href ? (
    <Link href={href} className="underline underline-offset-4">
      {about}
    </Link>
  ) : (
    about
  );
}
