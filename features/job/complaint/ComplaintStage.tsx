'use client';

import { useState } from 'react';
import { inSentence } from '@/core/base/sentence';
import { asksNow } from '@/core/diagnosis/follows';
import { givenIn, standingAnswers } from '@/core/job/standing';
import { wordsOf } from '@/core/job/wordsOf';
import { mergeFindings } from '@/core/readings/merged';
import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';
import { Opens } from '@/ui/Opens';
import { FindingRow } from '../../record/FindingRow';
import { useSettledJob } from '../../record/JobProvider';
import { SavedText } from '../../record/SavedText';
import { COMPLAINT_GROUPS, HISTORY_FINDINGS } from './groups';
import { Heard } from './Heard';
import { OdometerField } from './OdometerField';
import { PlacedFinding } from './PlacedFinding';
import { Touched } from './Touched';
import type { Read } from './useHeard';
import { Withdraw } from './Withdraw';

type Props = {
  /** What the words suggest that stood when the page was made. */
  heard?: Read;
};

/** The driver's words, sorted into what separates one cause from another. */
export function ComplaintStage({ heard }: Props) {
  const { sheet, judgement } = useSettledJob();
  const [said, setSaid] = useState(sheet.job.complaint);
  const [when, setWhen] = useState(sheet.job.whenWhere);
  const given = mergeFindings(givenIn(sheet.answers, 'before'), judgement.derived.before).findings;
  // What only makes sense after an answer is asked after it.
  const open = (finding: FindingId) =>
    asksNow(findingOf(finding), given) || given.some(({ id }) => id === finding);
  // With nothing said yet every question is as good as the other.
  const asked =
    given.length === 0 ? [] : judgement.verdict.nextQuestions.slice(0, 3).map((question) => question.id);
  return (
    <>
      <h2 className="mb-3 text-2xl">
        What the driver says{' '}
        <span className="ml-1 text-base font-medium text-soft">press what fits; leave the rest</span>
      </h2>
      <div className="grid gap-3 xl:grid-cols-2">
        <SavedText
          field="complaint"
          label="In one line"
          maxLength={2000}
          placeholder="Goes soft after five laps"
          onText={setSaid}
        />
        <SavedText
          field="whenWhere"
          label="When and where"
          maxLength={2000}
          placeholder="Turn, lap, temperature, how it came back"
          onText={setWhen}
        />
      </div>
      <Heard text={wordsOf({ complaint: said, whenWhere: when })} first={heard} given={given} />
      <Touched />
      <WorthAsking
        asked={asked.slice(0, NAMED)}
        enough={judgement.verdict.enough}
        isFirst={given.length === 0}
      />
      {COMPLAINT_GROUPS.map((group) => (
        <Group key={group.title} title={group.title} findings={group.findings.filter(open)} marked={asked} />
      ))}
      <Opens
        className="mt-5"
        startOpen={
          HISTORY_FINDINGS.some((id) => asked.includes(id)) ||
          standingAnswers(sheet.answers, 'before').some((row) => HISTORY_FINDINGS.includes(row.finding))
        }
        head={<h3 className="text-xl">Since it was last good</h3>}
      >
        <SavedText field="history" label="What was touched, in words" maxLength={4000} />
        <ul className="mt-2 border-t-2 border-ink">
          {HISTORY_FINDINGS.filter(open).map((finding) => (
            <Question key={finding} finding={finding} marked={asked.includes(finding)} />
          ))}
        </ul>
      </Opens>
      <div className="mt-5">
        <OdometerField />
      </div>
      <p className="mt-5">
        <Link href={`/job/${sheet.job.id}/checks`} className={buttonClass('primary')}>
          On to the checks
        </Link>
      </p>
      <Withdraw />
    </>
  );
}

/** So many are named above the questions; all that are worth it are marked among them. */
const NAMED = 2;

type WorthAskingProps = { asked: readonly FindingId[]; enough: boolean; isFirst: boolean };

/** Where to go on asking. It has its room from the start: it is known a moment after a press, and nothing moves under the next one. */
function WorthAsking({ asked, enough, isFirst }: WorthAskingProps) {
  return (
    <p className="mt-3 min-h-16 sm:min-h-11">
      {asked.length > 0 ? (
        <>
          <b className="font-semibold">{enough ? 'Could still be asked:' : 'Worth asking now:'}</b>{' '}
          {asked.map((id, index) => (
            <span key={id}>
              {index > 0 && ', '}
              <a href={`#ask-${id}`} className="underline underline-offset-4">
                {inSentence(findingOf(id).label)}
              </a>
            </span>
          ))}
          .
        </>
      ) : (
        <span className="text-soft">
          {isFirst
            ? 'Begin anywhere: each answer shows what is worth asking next.'
            : 'Nothing more is worth asking.'}
        </span>
      )}
    </p>
  );
}

function Group({
  title,
  findings,
  marked,
}: {
  title: string;
  findings: FindingId[];
  marked: readonly string[];
}) {
  if (findings.length === 0) return null;
  return (
    <section className="mt-5">
      <h3 className="border-b-2 border-ink pb-1 text-xl">{title}</h3>
      <ul>
        {findings.map((finding) => (
          <Question key={finding} finding={finding} marked={marked.includes(finding)} />
        ))}
      </ul>
    </section>
  );
}

/** One question of the driver, asked of a place where it may belong to one. */
function Question({ finding, marked }: { finding: FindingId; marked: boolean }) {
  return findingOf(finding).place === undefined ? (
    <FindingRow finding={finding} id={`ask-${finding}`} marked={marked} />
  ) : (
    <PlacedFinding finding={finding} marked={marked} />
  );
}
