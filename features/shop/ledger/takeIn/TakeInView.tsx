'use client';

import { useState } from 'react';
import { Button, buttonClass } from '@/ui/Button';
import { Choice } from '@/ui/Choice';
import { SelectField } from '@/ui/Field';
import { FileField } from '@/ui/FileField';
import { Link } from '@/ui/Link';
import { CarOptions } from '../../../shell/options';
import { ColumnsTable } from './ColumnsTable';
import { TableSaid } from './TableSaid';
import { useTakeIn } from './useTakeIn';

type Props = { cars: { id: string; name: string }[] };

/** A table of readings, from a spreadsheet or another shop, into the record: what its columns hold, what would come of it, then taken in. */
export function TakeInView({ cars }: Props) {
  const { table, stage, open, map, changed, look, take, end } = useTakeIn();
  const [only, setOnly] = useState('');
  const [units, setUnits] = useState({ mm: 'mm', '°C': '°C' });
  const [leaveOut, setLeaveOut] = useState(false);
  const hasCars = table?.mapping.includes('car') ?? false;
  const options = { only: hasCars || only === '' ? null : only, units, leaveOut };
  const missing = !table
    ? 'A table first.'
    : !table.mapping.includes('day')
      ? 'Which column is the day?'
      : !hasCars && only === ''
        ? 'Of which car is it?'
        : undefined;
  return (
    <main id="main" className="mx-auto max-w-5xl p-4 desk:p-6">
      <div className="flex flex-wrap items-start justify-between gap-3">
        <h1 className="text-3xl">Readings from a table</h1>
        <a href="/api/readings/csv" className={buttonClass('quiet')}>
          All readings as a table
        </a>
      </div>
      <p className="mb-3 text-soft">
        A row is a corner on a day, with the figures read there. Any separator, commas or points; a figure may
        carry its unit. Nothing is written before you have seen what would come of it.
      </p>
      <FileField
        label="The table, as CSV"
        accept=".csv,.txt,.tsv,text/csv,text/plain,text/tab-separated-values"
        onFile={(file) => void open(file)}
      />
      {table && (
        <>
          <ColumnsTable table={table} onMap={map} />
          <div className="mt-3 flex flex-wrap items-end gap-4">
            {!hasCars && (
              <SelectField
                label="All of it is of"
                value={only}
                onChange={(event) => {
                  setOnly(event.target.value);
                  changed();
                }}
              >
                <option value="">choose a car</option>
                <CarOptions cars={cars} />
              </SelectField>
            )}
            <Choice
              label="Lengths without a unit are in"
              value={units.mm}
              onChange={(mm) => {
                if (mm !== '') setUnits({ ...units, mm });
                changed();
              }}
              options={['mm', 'in'].map((value) => ({ value, label: value }))}
            />
            <Choice
              label="Temperatures without a unit are in"
              value={units['°C']}
              onChange={(celsius) => {
                if (celsius !== '') setUnits({ ...units, '°C': celsius });
                changed();
              }}
              options={['°C', '°F'].map((value) => ({ value, label: value }))}
            />
            <Button
              look={stage.is === 'looked' ? 'plain' : 'primary'}
              disabled={missing !== undefined || stage.is === 'looking' || stage.is === 'taking'}
              onClick={() => void look(options)}
            >
              Look it over
            </Button>
          </div>
          {missing && <p className="mt-2 font-semibold text-bronze">{missing}</p>}
          <TableSaid
            stage={stage}
            leaveOut={leaveOut}
            onLeaveOut={setLeaveOut}
            onTake={() => void take(options)}
            onEnd={end}
          />
        </>
      )}
      <p className="mt-6 text-soft">
        Each day becomes a closed job of its car; the wear, the season and what falls due are told from it at
        once.{' '}
        <Link href="/ledger" className="font-semibold text-blue underline">
          Back to the ledger
        </Link>
      </p>
    </main>
  );
}
