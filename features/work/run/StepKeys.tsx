'use client';

import { Check } from 'lucide-react';
import type { Answer, Step } from '@/core/planning/run/step';
import { Button } from '@/ui/Button';
import { TextField } from '@/ui/Field';
import { Opens } from '@/ui/Opens';
import { Trouble } from '@/ui/Trouble';
import type { InHand } from './useStepInHand';

type Props = { step: Step; inHand: InHand };

/** How a step is done with: its answers, or the key that goes on. */
export function StepKeys({ step, inHand }: Props) {
  const { clock, answer, finish, wanted } = inHand;
  return (
    <div className="sticky bottom-0 -mx-4 mt-4 flex flex-wrap gap-2 border-t border-rule bg-sheet px-4 py-2 desk:-bottom-6 desk:-mx-6 desk:gap-3 desk:px-6">
      {step.ask ? (
        <Answers step={step} waits={clock.waits} onAnswer={answer} />
      ) : (
        <Button
          data-run="next"
          look="primary"
          className="min-h-16 w-full px-10 text-xl desk:w-auto"
          disabled={clock.waits}
          onClick={() => finish()}
        >
          <Check aria-hidden="true" size={26} />
          {nextWords(step)}
        </Button>
      )}
      {clock.waits && (
        <Button data-clock="another" look="quiet" className="min-h-16" onClick={clock.byAnother}>
          Timed by another clock
        </Button>
      )}
      <Trouble className="w-full text-lg">{wanted}</Trouble>
    </div>
  );
}

function nextWords({ ml, measure }: Step): string {
  if (ml) return 'Clear, no bubbles now: closed, next';
  return measure ? 'Without a figure, next' : 'Done, next';
}

type AnswersProps = { step: Step; waits: boolean; onAnswer: (answer: Answer) => void };

/** The answers of a check. Where there is a clock, the good one waits for it unless somebody says otherwise on purpose. */
function Answers({ step, waits, onAnswer }: AnswersProps) {
  return step.ask!.map((answer) => (
    <Button
      key={answer.value}
      data-run="answer"
      // Answered by its number, never by the key that goes on.
      data-loud={undefined}
      look={answer.trouble ? 'stop' : 'primary'}
      disabled={waits && answer.trouble === undefined}
      className="min-h-16 px-8 text-xl"
      onClick={() => onAnswer(answer)}
    >
      {answer.label}
    </Button>
  ));
}

/** What can go wrong at a step, where somebody sees it. */
export function StepTroubles({ step, inHand }: Props) {
  return (
    <div className="mt-3 flex flex-wrap gap-3">
      {step.troubles
        ?.filter((trouble) => !trouble.read)
        .map((trouble) => (
          <Button key={trouble.id} className="min-h-14 text-lg" onClick={() => inHand.enter(trouble)}>
            {trouble.label}
          </Button>
        ))}
    </div>
  );
}

/** A note at a step; it opens by itself where the step waits for one. */
export function StepNote({ inHand: { wanted, note, keepNote } }: Pick<Props, 'inHand'>) {
  return (
    <Opens
      key={wanted}
      startOpen={wanted !== undefined}
      className="mt-3 max-w-xl"
      head={
        note === '' ? (
          <span className="text-soft">A note, if there is something to say</span>
        ) : (
          <b className="font-semibold">Note: {note}</b>
        )
      }
    >
      <TextField
        label="Note"
        maxLength={400}
        value={note}
        onChange={(event) => keepNote(event.target.value)}
      />
    </Opens>
  );
}
