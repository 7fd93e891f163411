import type { ListedFigure } from '@/ui/FigureList';

/** One bench among those set side by side; without figures where it is of another version, or cannot be worked out any more. */
export type Compared = { id: string; name: string; figures?: readonly ListedFigure[] };
