'use client';

import { useState } from 'react';
import { inSentence, listed } from '@/core/base/sentence';
import type { Fits } from '@/core/car/fits';
import { KNOWLEDGE, KNOWLEDGE_VERSION } from '@/core/diagnosis/knowledge/all';
import type { Bring, CauseKnowledge, Link, Where } from '@/core/diagnosis/knowledge/cause';
import { causeLabel } from '@/core/diagnosis/labels';
import type { Learned } from '@/core/diagnosis/learn/priors';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { stateInSentence, stateWord } from '@/core/readings/vocabulary/words';
import { TextField } from '@/ui/Field';
import { figure, percent } from '@/ui/format';
import { Opens } from '@/ui/Opens';

/** Everything the verdict rests on, as a mechanic can read and dispute it. */
export function KnowledgeView({
  shares,
  strength,
  find = '',
}: {
  shares: Learned[];
  strength: number;
  /** What it is opened to look for. */
  find?: string;
}) {
  const [words, setWords] = useState(find);
  const wanted = words.toLowerCase().split(/\s+/).filter(Boolean);
  const shown = KNOWLEDGE.filter((entry) => wanted.every((word) => textOf(entry).includes(word)));
  const learned = new Map(shares.map((share) => [share.cause, share]));
  const jobs = shares.reduce((sum, share) => sum + share.confirmed, 0);
  return (
    <main id="main" className="mx-auto max-w-5xl p-5">
      <h1 className="text-3xl">What it knows</h1>
      <p className="mb-4 max-w-prose text-soft">
        Version {KNOWLEDGE_VERSION}. {KNOWLEDGE.length} causes and{' '}
        {KNOWLEDGE.reduce((sum, entry) => sum + entry.links.length, 0)} links, each with its reason. The
        numbers are common practice with no source: how common a cause is, and how often it shows.{' '}
        {jobs === 0 || strength === 0
          ? 'Nothing has been learned from this shop’s own jobs.'
          : `${jobs} confirmed by this shop stand beside built-in knowledge worth ${figure(strength, 0)} jobs.`}
      </p>
      <TextField
        label="Find a cause, a finding or a reason"
        value={words}
        onChange={(event) => setWords(event.target.value)}
        className="max-w-md"
      />
      <p role="status" className="my-2 text-soft">
        {shown.length} of {KNOWLEDGE.length}
      </p>
      <ul className="border-t-2 border-ink">
        {shown.map((entry) => (
          <Cause
            key={entry.cause}
            entry={entry}
            share={learned.get(entry.cause)!}
            found={wanted.length > 0 && shown.length <= 3}
          />
        ))}
      </ul>
    </main>
  );
}

function Cause({ entry, share, found }: { entry: CauseKnowledge; share: Learned; found: boolean }) {
  const needs = needsWords(entry.needs);
  return (
    <li className="border-b border-rule">
      <Opens
        key={String(found)}
        startOpen={found}
        head={
          <span className="flex flex-wrap items-baseline justify-between gap-x-4 py-1.5">
            <b className="text-lg font-semibold">{causeLabel(entry.cause)}</b>
            <span className="reading text-small text-soft">
              {figure(share.builtIn * 100, 1)} % of faults
              {share.confirmed > 0 &&
                `, here ${figure(share.learned * 100, 1)} % (${share.confirmed} confirmed)`}
            </span>
          </span>
        }
      >
        <div className="pb-4">
          <p className="text-soft">
            {entry.meaning}.{needs && ` Only on ${needs}.`}
            {entry.at === 'corner' && ' Told apart at each corner.'}
            {entry.across && ` The other wheel of the axle has it too in ${percent(entry.across)} of cases.`}
          </p>
          <div className="overflow-x-auto">
            <table className="mt-2 w-full max-sm:text-small">
              <thead>
                <tr className="narrow border-b border-ink text-left text-small">
                  <th scope="col">Shows as</th>
                  <th scope="col">How often</th>
                  <th scope="col">Why</th>
                </tr>
              </thead>
              <tbody>
                {[...entry.links]
                  .sort((left, right) => right.strength - left.strength)
                  .map((link) => (
                    <LinkRow key={`${link.finding} ${link.state} ${link.on ?? ''}`} link={link} />
                  ))}
                {entry.brings?.map((bring) => (
                  <BringRow key={bring.cause} bring={bring} />
                ))}
              </tbody>
            </table>
          </div>
          {entry.together && (
            <p className="mt-2 text-small text-soft">
              {listed(entry.together.findings.map((finding) => findingOf(finding).label))} show together, in{' '}
              {percent(entry.together.share)} of cases: {inSentence(entry.together.why)}.
            </p>
          )}
        </div>
      </Opens>
    </li>
  );
}

function LinkRow({ link }: { link: Link }) {
  return (
    <tr className="border-b border-rule align-top">
      <td className="py-1 pr-3">
        {findingOf(link.finding).label}:{' '}
        <b className="font-semibold">{stateInSentence(link.finding, link.state)}</b>
        {link.on && <span className="text-soft">, {WHERE[link.on]}</span>}
        {link.byItself && <span className="text-soft">, where nothing else brought it about</span>}
      </td>
      <Often share={link.strength} />
      <td className="py-1">{link.why}</td>
    </tr>
  );
}

const WHERE: Record<Where, string> = {
  disc: 'on a disc',
  drum: 'on a drum',
  front: 'in front',
  rear: 'at the rear',
  left: 'on the left',
  right: 'on the right',
};

/** What it brings about: the chance is that of the other cause, at the same corner where both have one. */
function BringRow({ bring }: { bring: Bring }) {
  return (
    <tr className="border-b border-rule align-top">
      <td className="py-1 pr-3">
        Brings about <b className="font-semibold">{inSentence(causeLabel(bring.cause))}</b>
      </td>
      <Often share={bring.strength} />
      <td className="py-1">{bring.why}</td>
    </tr>
  );
}

function Often({ share }: { share: number }) {
  return (
    <td className="py-1 pr-3 sm:whitespace-nowrap">
      {oftenWords(share)} <span className="reading whitespace-nowrap text-soft">{percent(share)}</span>
    </td>
  );
}

function oftenWords(strength: number): string {
  if (strength >= 0.9) return 'nearly always';
  if (strength >= 0.6) return 'mostly';
  if (strength >= 0.35) return 'about half the time';
  return strength >= 0.12 ? 'now and then' : 'seldom';
}

function needsWords(needs: Fits | undefined): string {
  if (!needs) return '';
  return [
    needs.assist &&
      `cars with ${needs.assist.map((kind) => (kind === 'none' ? 'no assist' : `${kind} assist`)).join(' or ')}`,
    needs.abs && 'cars with ABS',
    needs.brake && `${needs.brake} brakes`,
    needs.caliper && `${needs.caliper} calipers`,
    needs.rotor && 'two-piece rotors',
    needs.parkingBrake && 'that kind of parking brake',
    needs.axle && `the ${needs.axle} axle`,
  ]
    .filter(Boolean)
    .join(', ');
}

const texts = new Map<CauseKnowledge, string>();

/** Everything said of a cause, to be searched. */
function textOf(entry: CauseKnowledge): string {
  const before = texts.get(entry);
  if (before) return before;
  const text = [
    causeLabel(entry.cause),
    entry.meaning,
    ...entry.links.flatMap((link) => [
      findingOf(link.finding).label,
      stateWord(link.finding, link.state),
      link.why,
    ]),
    ...(entry.brings ?? []).flatMap((bring) => [causeLabel(bring.cause), bring.why]),
  ]
    .join(' ')
    .toLowerCase();
  texts.set(entry, text);
  return text;
}
