import type { ReactNode } from 'react';
import { BenchTabs } from '@/features/shop/bench/BenchTabs';
import { page } from '../asPerson';

export default page('own', ({ children }: { children: ReactNode }) => {
  return (
    <>
      <BenchTabs />
      {children}
    </>
  );
});
