import type { FormEvent } from 'react';

/** Sends a form when it is submitted; what was refused before is judged anew. */
export function sendsAnew(form: { clearErrors: () => void }, send: () => Promise<void>) {
  return (event: FormEvent): void => {
    event.preventDefault();
    form.clearErrors();
    void send();
  };
}
