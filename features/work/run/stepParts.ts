'use client';

import dynamic from 'next/dynamic';
import { ahead } from '../../shell/ahead';
import { calledUp, untilThere } from '../../shell/later';

// What only some steps have: a run brings what its own step shows, the rest when it has come to rest.
export const Photos = calledUp(
  dynamic(() => untilThere(() => import('../../car/photo/Photos').then((module) => module.Photos))),
);
export const LookIns = calledUp(
  dynamic(() => untilThere(() => import('./LookIns').then((module) => module.LookIns))),
);
export const StepFacts = calledUp(
  dynamic(() => untilThere(() => import('./StepFacts').then((module) => module.StepFacts))),
);
export const SlowdownStep = calledUp(
  dynamic(() => untilThere(() => import('./SlowdownStep').then((module) => module.SlowdownStep))),
);
export const HeatSays = calledUp(
  dynamic(() => untilThere(() => import('./HeatSays').then((module) => module.HeatSays))),
);
export const StrokeCalls = calledUp(
  dynamic(() => untilThere(() => import('./StrokeCalls').then((module) => module.StrokeCalls))),
);
export const HoldsPanel = calledUp(
  dynamic(() => untilThere(() => import('../../checks/HoldsPanel').then((module) => module.HoldsPanel))),
);
export const TroubleBox = calledUp(
  dynamic(() => untilThere(() => import('./TroubleBox').then((module) => module.TroubleBox))),
);

ahead(() => import('../../car/photo/Photos'));
ahead(() => import('./LookIns'));
ahead(() => import('./StepFacts'));
ahead(() => import('./SlowdownStep'));
ahead(() => import('./HeatSays'));
ahead(() => import('./StrokeCalls'));
ahead(() => import('../../checks/HoldsPanel'));
ahead(() => import('./TroubleBox'));
