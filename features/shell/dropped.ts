import { request } from './request';
import { undo } from './undo';

type Dropped = {
  /** Where the row is changed. */
  path: string;
  version: number;
  /** What is offered back. */
  label: string;
  /** Told after each change, with what went wrong. */
  onChange: (trouble: string | undefined) => void;
};

/** Drops a row over the version that is shown, and offers it back for a while. */
export async function dropRow({ path, version, label, onChange }: Dropped): Promise<void> {
  const change = async (dropped: boolean, over: number) => {
    const reply = await request<{ version: number }>('PATCH', path, { version: over, dropped });
    onChange(reply.ok ? undefined : reply.refusal.message);
    return reply;
  };
  const reply = await change(true, version);
  if (reply.ok) undo.offer(label, () => void change(false, reply.value.version));
}
