'use client';

import dynamic from 'next/dynamic';
import { ahead } from '../../shell/ahead';
import { calledUp, untilThere } from '../../shell/later';

// What only some proofs have: a page brings what its own job shows, the rest when it has come to rest.
export const TrialLine = dynamic(() =>
  untilThere(() => import('../../record/trial/TrialLine').then((module) => module.TrialLine)),
);
export const FillFields = dynamic(() =>
  untilThere(() => import('../../car/fill/FillFields').then((module) => module.FillFields)),
);
export const SendOut = calledUp(
  dynamic(() => untilThere(() => import('./SendOut').then((module) => module.SendOut))),
);
export const Away = calledUp(dynamic(() => untilThere(() => import('./Away').then((module) => module.Away))));

ahead(() => import('./SendOut'));
ahead(() => import('./Away'));
ahead(() => import('../../record/trial/TrialLine'));
ahead(() => import('../../car/fill/FillFields'));
