'use client';

import type { RotorResult } from '@/core/readings/rotor/rotor';
import { useUnits } from '../../shell/useUnits';
import { Facts } from '../Facts';
import { rotorFacts } from './rotorFacts';

/** What the trace says: value, limit and where that came from, and the difference said. */
export function RotorFacts({ result }: { result: RotorResult }) {
  const units = useUnits();
  return <Facts facts={rotorFacts(result, units)} unit={units.unit('mm')} narrow />;
}
