import { inSentence } from '@/core/base/sentence';
import { Octagon } from '@/ui/Octagon';

/** That a car stays where it is, why, and until when, wherever one looks at it. */
export function HoldLine({ hold }: { hold: { label: string; until: string } }) {
  return (
    <span className="flex gap-2 border-l-[6px] border-stop bg-stop-wash px-2 py-1">
      <Octagon size={22} />
      <span>
        <b className="text-stop">Stays here: {inSentence(hold.label)}.</b> Until {hold.until}.
      </span>
    </span>
  );
}
