import type { Place } from '../../car/corner';
import type { FindingId } from '../../readings/vocabulary/findings';

/** An answer that was heard, the words it came from (positions in the text), and the places it is of; none: of the car as a whole. */
export type Heard = {
  finding: FindingId;
  state: string;
  places: readonly Place[];
  from: number;
  to: number;
};
