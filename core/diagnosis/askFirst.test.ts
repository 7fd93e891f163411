import { describe, expect, it } from 'vitest';
import { answersFrom, COUPE } from '../../tests/support/told';
import { WORKS } from '../planning/works';
import { slotOf } from '../readings/merged';
import { askFirst } from './askFirst';
import { diagnose } from './diagnose';
import type { NextCheck } from './verdict';
import { worthOf } from './worth';

const asked = ({ id, corner }: NextCheck) => slotOf({ id, place: corner });
const judged = (words: string) => diagnose({ car: COUPE, findings: answersFrom(words), works: WORKS });

describe('what to ask before the next check', () => {
  it('is the question that saves most for its half minute, when that is more than the check saves', () => {
    const verdict = judged('pedal_spongy yes; vibration_braking yes');
    const [check] = verdict.nextChecks;
    const question = askFirst(verdict, check)!;
    expect(worthOf(question)).toBeGreaterThan(worthOf(check!));
    expect(verdict.nextQuestions.every((each) => worthOf(each) <= worthOf(question))).toBe(true);
  });

  it('is another one when nobody can say, and none when all are passed by', () => {
    const verdict = judged('pedal_spongy yes; vibration_braking yes');
    const [check] = verdict.nextChecks;
    const first = askFirst(verdict, check)!;
    const second = askFirst(verdict, check, new Set([asked(first)]))!;
    expect(asked(second)).not.toBe(asked(first));
    expect(askFirst(verdict, check, new Set(verdict.nextQuestions.map(asked)))).toBeUndefined();
  });

  it('is nothing beside a check that saves more, or where it saves under its half minute', () => {
    const verdict = judged('pedal_spongy yes; vibration_braking yes');
    const dear = { ...verdict.nextChecks[0]!, saves: 100, minutes: 1 };
    expect(askFirst(verdict, dear)).toBeUndefined();
    const cheap = verdict.nextQuestions.map((question) => ({ ...question, saves: 0.4 }));
    expect(askFirst({ nextQuestions: cheap }, undefined)).toBeUndefined();
  });
});
