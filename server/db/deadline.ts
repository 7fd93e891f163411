import { Failure } from '../failure';

/** The answer, or a plain failure when it does not come in time: nobody at a car waits for ever. */
export function within<T>(ms: number, answer: Promise<T>, late: () => void = () => {}): Promise<T> {
  return new Promise((resolve, reject) => {
    const timer = setTimeout(() => {
      reject(new Failure('unavailable', 'That took too long and was given up. It will be tried again.'));
      late();
    }, ms);
    answer.then(resolve, reject).finally(() => clearTimeout(timer));
  });
}
