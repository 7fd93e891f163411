'use client';

import { Fragment, type ReactNode } from 'react';
import type { Corner } from '@/core/car/corner';
import { MEASURES, type MeasureId } from '@/core/readings/measures';
import { later } from '../shell/later';
import type { FigureFormId } from './figures/forms';
import type { OnDone } from './useReading';

// Forms come after the page: the questions do not wait for them. Their place is kept as high as they are while nothing is in them, on a phone
// and on a wide screen, so that nothing moves under a finger.
const room = (high: string) => ({ loading: () => <div className={`mt-2 ${high}`} /> });
const FluidForm = later(
  () => import('./whole/FluidForm').then((module) => module.FluidForm),
  room('min-h-72 sm:min-h-61'),
);
const PedalRatioForm = later(
  () => import('./whole/PedalRatioForm').then((module) => module.PedalRatioForm),
  room('min-h-62 sm:min-h-43'),
);
const FirmnessForm = later(
  () => import('./whole/FirmnessForm').then((module) => module.FirmnessForm),
  room('min-h-146 sm:min-h-114'),
);
const RotorForm = later(
  () => import('./rotor/RotorForm').then((module) => module.RotorForm),
  room('min-h-166'),
);
const PadsForm = later(
  () => import('./pads/PadsForm').then((module) => module.PadsForm),
  room('min-h-122 sm:min-h-74'),
);
const HubForm = later(
  () => import('./hub/HubForm').then((module) => module.HubForm),
  room('min-h-121 sm:min-h-78'),
);
const JudderForm = later(
  () => import('./judder/JudderForm').then((module) => module.JudderForm),
  room('min-h-84 sm:min-h-60'),
);
const LookInForm = later(
  () => import('./lookin/LookInForm').then((module) => module.LookInForm),
  room('min-h-64'),
);
const FiguresForm = later(
  () => import('./figures/FiguresForm').then((module) => module.FiguresForm),
  room('min-h-49 sm:min-h-44'),
);

type Props = { measure: MeasureId; corner?: Corner; onDone?: OnDone };
type Form = (props: { corner: Corner; onDone?: OnDone }) => ReactNode;

/** The measures with a form of their own; a list of plain figures is all that the others need. */
const FORMS: Record<Exclude<MeasureId, FigureFormId>, Form> = {
  fluid: ({ onDone }) => <FluidForm onDone={onDone} />,
  firmness: ({ onDone }) => <FirmnessForm onDone={onDone} />,
  ratio: ({ onDone }) => <PedalRatioForm onDone={onDone} />,
  judder: ({ onDone }) => <JudderForm onDone={onDone} />,
  pads: (props) => <PadsForm {...props} />,
  rotor: (props) => <RotorForm {...props} />,
  hub: (props) => <HubForm {...props} />,
  lookIn: (props) => <LookInForm {...props} />,
};

const hasOwnForm = (measure: MeasureId): measure is keyof typeof FORMS => measure in FORMS;

/** The form of a measure, at a corner or of the whole car; a corner has to be chosen for one that is taken there. */
export function Measure({ measure, corner, onDone }: Props) {
  const atCorner = MEASURES[measure].at === 'corner';
  if (atCorner && !corner) return null;
  if (hasOwnForm(measure))
    return <Fragment key={corner}>{FORMS[measure]({ corner: corner!, onDone })}</Fragment>;
  return <FiguresForm key={corner} form={measure} corner={atCorner ? corner : undefined} onDone={onDone} />;
}
