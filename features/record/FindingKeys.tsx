'use client';

import { type FindingId, findingOf } from '@/core/readings/vocabulary/findings';
import { afterPress, statesIn } from '@/core/readings/vocabulary/several';
import { stateWord } from '@/core/readings/vocabulary/words';
import { Choice, SeveralChoice } from '@/ui/Choice';

type Props = {
  label: string;
  finding: FindingId;
  said: string;
  disabled: boolean;
  onAnswer: (state: string | null) => void;
};

/** A key for each state; where several can hold at one place, each goes on and off by itself. */
export function FindingKeys({ label, finding, said, disabled, onAnswer }: Props) {
  const { states, several } = findingOf(finding);
  const keys = {
    label,
    disabled,
    options: states.map((state, index) => ({
      value: state,
      label: stateWord(finding, state),
      tone: index === 0 ? ('plain' as const) : ('watch' as const),
    })),
  };
  return several ? (
    <SeveralChoice
      {...keys}
      pressed={said === '' ? [] : statesIn(said)}
      onPress={(state) => onAnswer(afterPress(finding, said, state))}
    />
  ) : (
    <Choice {...keys} value={said} onChange={(state) => onAnswer(state === '' ? null : state)} />
  );
}
