import type { Label } from '@/core/planning/labels/label';
import { LABEL_STOCK, type LabelStock } from '@/core/planning/labels/sheet';
import { QrCode } from '@/ui/QrCode';

type Props = { label: Label | null; stock: LabelStock; origin: string };

/** One label in its true size: the code, and what a hand at the thing has to know. Black on white, whatever the theme. */
export function LabelFace({ label, stock, origin }: Props) {
  const { widthMm, heightMm } = LABEL_STOCK[stock];
  return (
    <div
      data-label={label?.id ?? 'used'}
      style={{ width: `${widthMm}mm`, height: `${heightMm}mm` }}
      className="flex items-center gap-[2mm] overflow-hidden border border-dashed border-rule bg-white p-[3mm] text-black print:border-transparent"
    >
      {label && (
        <>
          <QrCode text={`${origin}${label.href}`} className="size-[23mm] shrink-0" />
          <div className="min-w-0 text-[9pt] leading-tight">
            <b className="narrow line-clamp-2 text-[11pt] font-bold">{label.title}</b>
            {label.lines.map((line) => (
              <p key={line} className="mt-[0.6mm]">
                {line}
              </p>
            ))}
          </div>
        </>
      )}
    </div>
  );
}
