'use client';

import dynamic from 'next/dynamic';
import { ahead } from '../../shell/ahead';
import { nothing, untilThere } from '../../shell/later';

// What only some steps have: a run brings what its own step shows, the rest when it has come to rest.
export const Photos = dynamic(
  () => untilThere(() => import('../../car/photo/Photos').then((module) => module.Photos)),
  { loading: nothing },
);
export const LookIns = dynamic(() => untilThere(() => import('./LookIns').then((module) => module.LookIns)), {
  loading: nothing,
});
export const StepFacts = dynamic(
  () => untilThere(() => import('./StepFacts').then((module) => module.StepFacts)),
  { loading: nothing },
);
export const SlowdownStep = dynamic(
  () => untilThere(() => import('./SlowdownStep').then((module) => module.SlowdownStep)),
  { loading: nothing },
);
export const HeatSays = dynamic(
  () => untilThere(() => import('./HeatSays').then((module) => module.HeatSays)),
  { loading: nothing },
);
export const StrokeCalls = dynamic(
  () => untilThere(() => import('./StrokeCalls').then((module) => module.StrokeCalls)),
  { loading: nothing },
);
export const TroubleBox = dynamic(
  () => untilThere(() => import('./TroubleBox').then((module) => module.TroubleBox)),
  { loading: nothing },
);

ahead(() => import('../../car/photo/Photos'));
ahead(() => import('./LookIns'));
ahead(() => import('./StepFacts'));
ahead(() => import('./SlowdownStep'));
ahead(() => import('./HeatSays'));
ahead(() => import('./StrokeCalls'));
ahead(() => import('./TroubleBox'));
