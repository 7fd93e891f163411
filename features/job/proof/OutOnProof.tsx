'use client';

import { useEffect, useRef, useState } from 'react';
import { dayWords } from '@/core/base/dates';
import { OUTING_RANGES, type OutingRow } from '@/core/job/outing';
import { pieceSlot } from '@/core/job/pieces';
import type { ProofCheck } from '@/core/job/proof';
import { findingOf } from '@/core/readings/vocabulary/findings';
import { Button } from '@/ui/Button';
import { NumberField, TextArea, TextField } from '@/ui/Field';
import { moment } from '@/ui/format';
import { DayField } from '../../shell/DayField';
import { figureReader } from '../../shell/figureReader';
import { useShop } from '../../shell/ShopContext';
import { useKept } from '../../shell/useKept';
import { useKeptFigures } from '../../shell/useKeptFigures';
import { useUnits } from '../../shell/useUnits';
import { useDesk } from '../desk/Desk';
import { Driven } from './Driven';
import { ProofRow } from './ProofRow';
import { StandingIssues } from './StandingIssues';
import { termWords } from './termWords';

/** The second half of a proof: driven as the complaint was, back, and what was complained of asked again. */
export function OutOnProof() {
  const { sheet, judgement, closed } = useDesk();
  const { state, outing } = judgement.out;
  const again = judgement.proof.filter((check) => check.out);
  const part = useRef<HTMLElement>(null);
  const was = useRef(state);
  // What was pressed goes with its state: the focus stays in this part of the page, at what comes next.
  useEffect(() => {
    if (was.current !== state) part.current?.focus();
    was.current = state;
  }, [state]);
  if (state === 'not_asked' || (closed && sheet.outings.length === 0)) return null;
  return (
    <section
      ref={part}
      tabIndex={-1}
      aria-label="Out on proof"
      className="mt-6 border-t-2 border-ink pt-3 focus:outline-none"
    >
      <h3 className="text-xl">Out on proof</h3>
      {state === 'wanted' && !closed && <SendOut driven={sheet.outings.length > 0} />}
      {state === 'out' && outing && <Away outing={outing} />}
      {sheet.outings
        .filter((each) => each.back)
        .map((each) => (
          <Driven key={each.id} outing={each} counts={each.id === outing?.id} />
        ))}
      {state === 'back' && (
        <>
          <AllGone again={again} />
          <ul className="mt-2 border-t border-rule">
            {again.map((check) => (
              <ProofRow key={pieceSlot(check)} check={check} />
            ))}
          </ul>
          {!closed && again.some(({ change }) => change === 'still_wrong') && <SendOut driven />}
        </>
      )}
    </section>
  );
}

function SendOut({ driven }: { driven: boolean }) {
  const { sheet, judgement, sendOut } = useDesk();
  const { today } = useShop();
  const units = useUnits();
  const [me] = useKept('my-name', '');
  const [named, keepDriver] = useKept<string | null>('driver-name', null);
  const driver = named ?? me;
  const offered = termWords(judgement.out.terms, units);
  const [draft, keep, forget] = useKept(`outing.${sheet.job.id}`, { terms: '', dueOn: '' });
  const [tried, setTried] = useState(false);
  const { toDrive } = judgement.out;
  const terms = draft.terms === '' ? offered : draft.terms;
  const dueOn = draft.dueOn === '' ? today : draft.dueOn;
  const wrong = {
    driver: driver.trim() === '' ? 'who drives' : undefined,
    dueOn: dueOn < today ? 'not before today' : undefined,
  };
  const send = () => {
    setTried(true);
    if (wrong.driver || wrong.dueOn || toDrive.length > 0) return;
    sendOut({ driver: driver.trim(), terms: terms.trim(), dueOn });
    forget();
  };
  return (
    <div className="mt-1 grid gap-3">
      <p className="text-soft">
        {driven
          ? 'The car was worked on, or still complains, since it was last driven.'
          : 'At rest is not proved: the complaint is gone when it stays away where it came from.'}{' '}
        First slow, straight, empty; then so:
      </p>
      <TextArea
        label="Drive it"
        value={terms}
        maxLength={1000}
        onChange={(event) => keep({ ...draft, terms: event.target.value })}
      />
      <div className="flex flex-wrap items-start gap-3">
        <TextField
          label="Who drives"
          maxLength={80}
          autoComplete="name"
          value={driver}
          error={tried ? wrong.driver : undefined}
          onChange={(event) => keepDriver(event.target.value)}
          className="w-56"
        />
        <DayField
          label="Back by"
          value={dueOn}
          error={wrong.dueOn}
          onChange={(day) => keep({ ...draft, dueOn: day })}
        />
      </div>
      {toDrive.length > 0 && <StandingIssues title="Before it is driven:" issues={toDrive} loud={tried} />}
      <div>
        <Button look="primary" onClick={send}>
          Out on proof
        </Button>
      </div>
    </div>
  );
}

const BASES = { laps: '', air: '°C' } as const;
const baseOf = (name = '') => BASES[name as keyof typeof BASES];

function Away({ outing }: { outing: OutingRow }) {
  const { closed, comeBack } = useDesk();
  const shop = useShop();
  const units = useUnits();
  const [typed, keep, forget] = useKeptFigures(`back.${outing.id}`, { laps: '', air: '', note: '' }, baseOf);
  const [tried, setTried] = useState(false);
  const { wrong, figure } = figureReader(units, OUTING_RANGES);
  const laps = figure('laps', typed.laps, 'laps', '');
  const airC = figure('air', typed.air, 'airC', '°C');
  if (laps !== undefined && !Number.isInteger(laps))
    wrong.laps = `${typed.laps} is not taken: a whole number is needed`;
  const late = outing.dueOn < shop.today;
  const back = () => {
    setTried(true);
    if (Object.keys(wrong).length > 0) return;
    comeBack(outing.id, { laps: laps ?? null, airC: airC ?? null, note: typed.note.trim() });
    forget();
  };
  return (
    <div className="mt-1 grid gap-3">
      <p>
        <b>{outing.driver}</b> drives it since {moment(outing.outAt, shop, new Date(shop.now))}.{' '}
        <span className={late ? 'font-semibold text-stop' : undefined}>
          {late ? 'Was to be back' : 'Back'} by {dayWords(outing.dueOn, shop.dateOrder)}.
        </span>
      </p>
      <p className="border-l-[6px] border-straw pl-3 whitespace-pre-line">{outing.terms}</p>
      {!closed && (
        <>
          <div className="flex flex-wrap items-start gap-3">
            <NumberField
              label="Laps, or stops"
              value={typed.laps}
              error={tried ? wrong.laps : undefined}
              onChange={(event) => keep({ ...typed, laps: event.target.value })}
              className="w-40"
            />
            <NumberField
              label="Air"
              unit={units.unit('°C')}
              value={typed.air}
              error={tried ? wrong.air : undefined}
              onChange={(event) => keep({ ...typed, air: event.target.value })}
              className="w-40"
            />
            <TextField
              label="What the driver says"
              maxLength={2000}
              value={typed.note}
              onChange={(event) => keep({ ...typed, note: event.target.value })}
              className="min-w-60 flex-1"
            />
          </div>
          <div>
            <Button look="primary" onClick={back}>
              It is back
            </Button>
          </div>
        </>
      )}
    </div>
  );
}

/** One press where everything stayed away. */
function AllGone({ again }: { again: readonly ProofCheck[] }) {
  const { answer, confirm, stateOf, closed } = useDesk();
  const open = again.filter(({ change }) => change === 'not_yet');
  if (closed || open.length < 2) return null;
  const gone = () => {
    for (const { finding, place, before } of open) {
      const state = findingOf(finding).states[0];
      if (stateOf('after', finding, place) === state) confirm(finding, place, state);
      else if (before !== undefined) answer('after', finding, place, state);
    }
  };
  return (
    <Button className="mt-2" onClick={gone}>
      None of it came back
    </Button>
  );
}
