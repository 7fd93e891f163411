import { bearing } from './bearing';
import { drum } from './drum';
import { flex } from './flex';
import { heat } from './heat';
import { pedal } from './pedal';

/** The readings that are a few figures and need no form of their own. */
export const FIGURE_FORMS = { bearing, flex, drum, pedal, heat } as const;
export type FigureFormId = keyof typeof FIGURE_FORMS;
