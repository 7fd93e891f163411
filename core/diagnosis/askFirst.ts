import { slotOf } from '../readings/merged';
import type { NextCheck, Verdict } from './verdict';
import { worthOf } from './worth';

/** A question that saves less than the half minute it takes is not worth a call to the driver, minutes. */
const LEAST_SAVED = 0.5;

/**
 * The question that is worth its half minute before the next check is begun, if there is one.
 * @param check the check that would be next
 * @param passed questions that nobody can answer just now, by `slotOf`
 */
export function askFirst(
  { nextQuestions }: Pick<Verdict, 'nextQuestions'>,
  check: NextCheck | undefined,
  passed: ReadonlySet<string> = new Set(),
): NextCheck | undefined {
  const beats = check ? worthOf(check) : 0;
  return nextQuestions.find(
    (question) =>
      !passed.has(slotOf({ id: question.id, place: question.corner })) &&
      question.saves >= LEAST_SAVED &&
      worthOf(question) > beats,
  );
}
