import { type DateOrder, dayWords } from '../../base/dates';
import { dayAfter } from '../../base/day';
import { FLUID_CLASSES } from '../../car/fluidClasses';
import type { CarSpec } from '../../car/spec';
import type { FittedPart } from '../shelf/fitted';
import type { ShelfItem } from '../shelf/shelf';

export const LABEL_KINDS = { bottle: 'Bottles', car: 'Cars', part: 'Parts on cars' } as const;
export type LabelKind = keyof typeof LABEL_KINDS;

/** What is stuck on a thing: its name, what a hand at it has to know, and where its code leads. */
export type Label = { id: string; kind: LabelKind; title: string; lines: string[]; href: string };

type Said = { dateOrder: DateOrder };

/**
 * A bottle: what it is, the day it was opened and the day from which no plan takes it for the track. A sealed one has room for the
 * day to be written by hand.
 * @param openedOn the day it was opened, ISO, in the shop's time zone
 */
export function bottleLabel(
  { id, what, batch, fluidClass }: ShelfItem,
  openedOn: string | null,
  { freshDays, dateOrder }: Said & { freshDays: number },
): Label {
  return {
    ...{ id: `bottle:${id}`, kind: 'bottle', title: what, href: `/shelf#lot-${id}` },
    lines: [
      [fluidClass && FLUID_CLASSES[fluidClass].label, batch].filter(Boolean).join(' · '),
      openedOn ? `Opened ${dayWords(openedOn, dateOrder)}` : 'Opened ____________',
      openedOn
        ? `For the track until ${dayWords(dayAfter(openedOn, freshDays), dateOrder)}`
        : `For the track ${freshDays} days from then`,
    ].filter((line) => line !== ''),
  };
}

/** A car: what is poured into it, since when it is in it, and what its wheels are tightened to. */
export function carLabel(
  { id, name, fluidClass, fluidFilledOn, torquesNm }: CarSpec & { id: string },
  { dateOrder }: Said,
): Label {
  return {
    ...{ id: `car:${id}`, kind: 'car', title: name, href: `/car/${id}` },
    lines: [
      ...(fluidClass ? [`Fluid ${FLUID_CLASSES[fluidClass].label}`] : []),
      ...(fluidFilledOn ? [`Filled ${dayWords(fluidFilledOn, dateOrder)}`] : []),
      ...(torquesNm?.wheel ? [`Wheels ${torquesNm.wheel} N·m`] : []),
    ],
  };
}

/** A part on a car: which one, where, since when. */
export function partLabel(
  { id, what, batch, place, fittedOn }: FittedPart,
  car: { id: string; name: string },
  { dateOrder }: Said,
): Label {
  return {
    ...{ id: `part:${id}`, kind: 'part', title: what, href: `/car/${car.id}#part-${id}` },
    lines: [
      ...(batch === '' ? [] : [batch]),
      place === '' ? car.name : `${car.name}, ${place}`,
      `Fitted ${dayWords(fittedOn, dateOrder)}`,
    ],
  };
}
