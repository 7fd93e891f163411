import { inSentence, listed } from '@/core/base/sentence';
import { causeLabel } from '@/core/diagnosis/labels';
import type { CauseVerdict } from '@/core/diagnosis/verdict';
import { percent } from '@/ui/format';

/** What brought a cause about, as one would say it: for sure where that is likelier than not, else perhaps, with its chance. */
export function broughtAbout({
  broughtBy = [],
  probability,
}: Pick<CauseVerdict, 'broughtBy' | 'probability'>): string | undefined {
  const [first] = broughtBy;
  if (!first) return undefined;
  if (first.probability > probability / 2) return `brought about by ${labelOf(first.id)}`;
  const each = broughtBy.map((by) => `${labelOf(by.id)} (${percent(by.probability)})`);
  return `perhaps brought about by ${listed(each, 'or')}`;
}

const labelOf = (id: CauseVerdict['id']) => inSentence(causeLabel(id));
