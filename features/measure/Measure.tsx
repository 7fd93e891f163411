'use client';

import dynamic from 'next/dynamic';
import type { Corner } from '@/core/car/corner';
import type { MeasureId } from '@/core/walk/measures';

// Forms come after the page: the questions do not wait for them. Their place is kept, so that nothing moves under a finger.
const FluidForm = dynamic(() => import('./whole/FluidForm').then((module) => module.FluidForm), {
  ssr: false,
  loading: () => <div className="min-h-64" />,
});
const PedalRatioForm = dynamic(
  () => import('./whole/PedalRatioForm').then((module) => module.PedalRatioForm),
  {
    ssr: false,
    loading: () => <div className="min-h-28" />,
  },
);
const RotorForm = dynamic(() => import('./rotor/RotorForm').then((module) => module.RotorForm), {
  ssr: false,
});
const PadsForm = dynamic(() => import('./pads/PadsForm').then((module) => module.PadsForm), { ssr: false });
const HubForm = dynamic(() => import('./hub/HubForm').then((module) => module.HubForm), { ssr: false });
const JudderForm = dynamic(() => import('./judder/JudderForm').then((module) => module.JudderForm), {
  ssr: false,
});
const FiguresForm = dynamic(() => import('./figures/FiguresForm').then((module) => module.FiguresForm), {
  ssr: false,
});

type Props = { measure: MeasureId; corner?: Corner; onDone?: () => void };

/** The form of a measure, at a corner or of the whole car. */
export function Measure({ measure, corner, onDone }: Props) {
  switch (measure) {
    case 'fluid':
      return <FluidForm onDone={onDone} />;
    case 'ratio':
      return <PedalRatioForm onDone={onDone} />;
    case 'pads':
      return corner ? <PadsForm key={corner} corner={corner} onDone={onDone} /> : null;
    case 'rotor':
      return corner ? <RotorForm key={corner} corner={corner} onDone={onDone} /> : null;
    case 'hub':
      return corner ? <HubForm key={corner} corner={corner} onDone={onDone} /> : null;
    case 'judder':
      return <JudderForm onDone={onDone} />;
    case 'pedal':
    case 'heat':
      return <FiguresForm form={measure} onDone={onDone} />;
    default:
      return corner ? <FiguresForm key={corner} form={measure} corner={corner} onDone={onDone} /> : null;
  }
}
