'use client';

import { asSentence } from '@/core/base/sentence';
import { FINDINGS, type Finding } from '@/core/readings/vocabulary/findings';
import { Choice } from '@/ui/Choice';
import { Opens } from '@/ui/Opens';
import { Tick } from '@/ui/Tick';
import { useJob } from '../record/JobProvider';

const TOOLS = [
  ...new Set(
    (FINDINGS as readonly Finding[]).flatMap((finding) =>
      finding.needs && finding.needs !== 'helper' ? [finding.needs] : [],
    ),
  ),
].sort();

/** What is at hand decides which checks are offered, and what they cost. */
export function AtHand() {
  const { sheet, changeJob, closed } = useJob();
  const { helper, wheelsOff, missing, place } = sheet.job;
  return (
    <Opens
      className="border-y border-rule"
      head={
        <span>
          <b className="font-semibold">At hand:</b> {helper ? 'a helper' : 'nobody to help'}, wheels{' '}
          {wheelsOff ? 'off' : 'on'}, {place === 'bay' ? 'in the bay' : 'in the pit lane'}
          {missing.length > 0 && `, without ${missing.join(', ')}`}
        </span>
      }
    >
      <fieldset disabled={closed} className="grid gap-x-6 pb-2 sm:grid-cols-2">
        <legend className="sr-only">What is at hand</legend>
        <Choice
          label="Where the car stands"
          value={place}
          disabled={closed}
          onChange={(value) =>
            value !== '' && changeJob('place', value as typeof place, 'Where the car stands')
          }
          options={[
            { value: 'bay', label: 'In the bay' },
            { value: 'pit_lane', label: 'In the pit lane' },
          ]}
          className="sm:col-span-2"
        />
        <Tick checked={helper} onChange={(value) => changeJob('helper', value, 'Helper at hand')}>
          A helper to press the pedal
        </Tick>
        <Tick checked={wheelsOff} onChange={(value) => changeJob('wheelsOff', value, 'Wheels off')}>
          Wheels already off
        </Tick>
        {TOOLS.map((tool) => (
          <Tick
            key={tool}
            checked={!missing.includes(tool)}
            onChange={(value) =>
              changeJob(
                'missing',
                value ? missing.filter((each) => each !== tool) : [...missing, tool].sort(),
                'Tools at hand',
              )
            }
          >
            {asSentence(tool)}
          </Tick>
        ))}
      </fieldset>
    </Opens>
  );
}
