import { AS_THE_SHELF_WOULD, lotWords } from '@/core/planning/shelf/pour';
import type { ShelfItem } from '@/core/planning/shelf/shelf';
import { SelectField } from '@/ui/Field';

type Props = {
  label: string;
  lots: readonly ShelfItem[];
  /** The lot's id; '' as the shelf would choose. */
  lot: string;
  onLot: (lot: string) => void;
  className?: string;
};

/** Which lot the fluid of a bleed comes from: the one that is named, or as the shelf would. */
export function LotField({ label, lots, lot, onLot, className }: Props) {
  return (
    <SelectField
      label={label}
      value={lot}
      onChange={(event) => onLot(event.target.value)}
      className={className}
    >
      <option value="">{AS_THE_SHELF_WOULD}</option>
      {lots.map((item) => (
        <option key={item.id} value={item.id}>
          {lotWords(item)}
        </option>
      ))}
    </SelectField>
  );
}
