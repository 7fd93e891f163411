'use client';

import dynamic from 'next/dynamic';
import { ahead } from '../../shell/ahead';

// What only some steps have: a run brings what its own step shows, the rest when it has come to rest.
export const LookIns = dynamic(() => import('./LookIns').then((module) => module.LookIns));
export const StepFacts = dynamic(() => import('./StepFacts').then((module) => module.StepFacts));
export const SlowdownStep = dynamic(() => import('./SlowdownStep').then((module) => module.SlowdownStep));
export const HeatSays = dynamic(() => import('./HeatSays').then((module) => module.HeatSays));
export const StrokeCalls = dynamic(() => import('./StrokeCalls').then((module) => module.StrokeCalls));
export const TroubleBox = dynamic(() => import('./TroubleBox').then((module) => module.TroubleBox));

ahead(() => import('./LookIns'));
ahead(() => import('./StepFacts'));
ahead(() => import('./SlowdownStep'));
ahead(() => import('./HeatSays'));
ahead(() => import('./StrokeCalls'));
ahead(() => import('./TroubleBox'));
