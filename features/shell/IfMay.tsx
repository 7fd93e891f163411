'use client';

import type { ReactNode } from 'react';
import type { Right } from '@/core/base/people/roles';
import { useMay } from './PersonContext';

/** What only some may press is shown to them alone; the server refuses the others all the same. */
export function IfMay({ right, children }: { right: Right; children: ReactNode }) {
  return useMay(right) ? children : null;
}
