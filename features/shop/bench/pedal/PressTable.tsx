import { useUnits } from '../../../shell/useUnits';
import { FigureTable } from '../FigureTable';
import type { PressRow } from './typed';

/** Forces and travels of a pedal, a row a force. */
export function PressTable({
  rows,
  wrong,
  onChange,
}: {
  rows: readonly PressRow[];
  wrong: Record<string, string>;
  onChange: (rows: PressRow[]) => void;
}) {
  const mm = useUnits().unit('mm');
  return (
    <FigureTable
      caption="Pressed with a scale or a gauge at the pad"
      columns={[
        { id: 'force', label: 'Force', unit: 'N' },
        { id: 'first', label: 'Travel now', unit: mm },
        { id: 'third', label: 'Third press', unit: mm },
        { id: 'good', label: 'When good', unit: mm },
      ]}
      rows={rows}
      wrong={wrong}
      onChange={onChange}
    />
  );
}
