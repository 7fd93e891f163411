import type { ReactNode } from 'react';
import { BenchTabs } from '@/features/bench/BenchTabs';

export default function BenchLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <BenchTabs />
      {children}
    </>
  );
}
