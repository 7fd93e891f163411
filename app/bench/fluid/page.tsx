import { FluidBench } from '@/features/bench/FluidBench';

export const metadata = { title: 'Fluid bench' };

export default function FluidBenchPage() {
  return <FluidBench />;
}
