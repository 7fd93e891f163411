'use client';

import dynamic from 'next/dynamic';
import { ahead } from '../shell/ahead';
import { untilThere } from '../shell/later';

const load = () => untilThere(() => import('./ReadingLines').then((module) => module.ReadingLines));

/** What was last read of each kind, in the units of this device: what every kind of reading knows of itself comes with it. */
export const LastReadings = dynamic(load);
ahead(load);
