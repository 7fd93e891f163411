import type { ReactNode } from 'react';
import { BenchTabs } from '@/features/shop/bench/BenchTabs';

export default function BenchLayout({ children }: { children: ReactNode }) {
  return (
    <>
      <BenchTabs />
      {children}
    </>
  );
}
