'use client';

import { Fragment, type ReactNode } from 'react';
import type { Corner } from '@/core/car/corner';
import { MEASURES, type MeasureId } from '@/core/readings/measures';
import { later } from '../shell/later';
import type { FigureFormId } from './figures/forms';
import { room } from './room';
import type { OnDone } from './useReading';
import { LaterFluidForm } from './whole/LaterFluidForm';

// Forms come after the page: the questions do not wait for them.
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
  room('min-h-213 sm:min-h-106'),
);
/** Of most plain figures there are one or two. */
const FEW = room('min-h-49 sm:min-h-44');
const MANY = {
  drum: room('min-h-71 sm:min-h-44'),
  pedal: room('min-h-118 sm:min-h-95'),
  heat: room('min-h-106 sm:min-h-101'),
};
const FiguresForm = later(() => import('./figures/FiguresForm').then((module) => module.FiguresForm), {
  loading: ({ form }) => (isMany(form) ? MANY[form] : FEW).loading(),
});
const isMany = (form: FigureFormId): form is keyof typeof MANY => form in MANY;

type Props = { measure: MeasureId; corner?: Corner; onDone?: OnDone };
type Form = (props: { corner: Corner; onDone?: OnDone }) => ReactNode;

/** The measures with a form of their own; a list of plain figures is all that the others need. */
const FORMS: Record<Exclude<MeasureId, FigureFormId>, Form> = {
  fluid: ({ onDone }) => <LaterFluidForm onDone={onDone} />,
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
