'use client';

import dynamic from 'next/dynamic';
import { ahead } from '../../shell/ahead';
import { untilThere } from '../../shell/later';

// What only some steps have: a run brings what its own step shows, the rest when it has come to rest.
export const Photos = dynamic(() =>
  untilThere(() => import('../../car/photo/Photos').then((module) => module.Photos)),
);
export const BleedPicture = dynamic(() =>
  untilThere(() => import('@/ui/BleedPicture').then((module) => module.BleedPicture)),
);
export const CornerPlan = dynamic(() =>
  untilThere(() => import('@/ui/CornerPlan').then((module) => module.CornerPlan)),
);
export const LookIns = dynamic(() => untilThere(() => import('./LookIns').then((module) => module.LookIns)));
export const StepFacts = dynamic(() =>
  untilThere(() => import('./StepFacts').then((module) => module.StepFacts)),
);
export const SlowdownStep = dynamic(() =>
  untilThere(() => import('./SlowdownStep').then((module) => module.SlowdownStep)),
);
export const HeatSays = dynamic(() =>
  untilThere(() => import('./HeatSays').then((module) => module.HeatSays)),
);
export const StrokeCalls = dynamic(() =>
  untilThere(() => import('./StrokeCalls').then((module) => module.StrokeCalls)),
);
export const TroubleBox = dynamic(() =>
  untilThere(() => import('./TroubleBox').then((module) => module.TroubleBox)),
);

ahead(() => import('../../car/photo/Photos'));
ahead(() => import('@/ui/BleedPicture'));
ahead(() => import('@/ui/CornerPlan'));
ahead(() => import('./LookIns'));
ahead(() => import('./StepFacts'));
ahead(() => import('./SlowdownStep'));
ahead(() => import('./HeatSays'));
ahead(() => import('./StrokeCalls'));
ahead(() => import('./TroubleBox'));
