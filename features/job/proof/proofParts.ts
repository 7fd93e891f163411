'use client';

import dynamic from 'next/dynamic';
import { ahead } from '../../shell/ahead';
import { untilThere } from '../../shell/later';

// What only some proofs have: a page brings what its own job shows, the rest when it has come to rest.
export const TrialLine = dynamic(() =>
  untilThere(() => import('../../record/trial/TrialLine').then((module) => module.TrialLine)),
);
export const FillFields = dynamic(() =>
  untilThere(() => import('../../car/fill/FillFields').then((module) => module.FillFields)),
);

ahead(() => import('../../record/trial/TrialLine'));
ahead(() => import('../../car/fill/FillFields'));
