import { daysBetween, MONTH_DAYS } from '../../base/day';
import { limitFor } from '../../car/limits/catalogue';
import { SOURCE_WORDS } from '../../car/limits/sources';
import { altitudeShift } from '../../readings/fluid/altitude';
import { boilingAtMoisture } from '../../readings/fluid/boiling';
import type { FluidInput } from '../../readings/fluid/fluid';
import { bleedInputFor } from '../bleed/input';
import { bleedPlan } from '../bleed/plan';
import { fluidDue } from '../due/fluid';
import { fluidNow } from '../fill/fluidNow';
import { wholeMinutes } from '../works';
import type { PrepFacts } from './facts';
import type { PrepLine } from './line';

/** A reading of the water says little after so many days (common practice, no source). */
const READ_DAYS = 60;
/** Minutes of a look at the water (common practice, no source). */
const READ_MIN = 5;

/** The fluid: how old it will be on the day, and where it will boil against the heat expected. */
export function fluidLines(facts: PrepFacts): PrepLine[] {
  return [ageLine(facts), boilingLine(facts)];
}

/** The flush, and what the car's own plan of it takes. */
function flush({ car, ways, clearAtMl }: PrepFacts): Pick<PrepLine, 'minutes' | 'buy'> {
  const input = bleedInputFor(car, ways, {}, { opened: false, softAfterBleed: false, clearAtMl });
  return {
    minutes: wholeMinutes('flush'),
    buy: { kind: 'fluid', place: '', count: bleedPlan(input).totalMl, unit: 'ml' },
  };
}

function ageLine(facts: PrepFacts): PrepLine {
  const { car, event, events, fluid } = facts;
  const { dueOn, daysLeft, why } = fluidDue(car.fluidFilledOn, fluid.school, event.onDate, {
    events: events.map(({ onDate }) => onDate),
    driven: fluid.driven,
    water: fluid.water,
  });
  const line = { id: 'fluid age', stage: 'standing', what: 'Fluid, its age', why } as const;
  if (car.fluidFilledOn === null) return { ...line, verdict: 'look', minutes: READ_MIN };
  // Whatever falls due on the day itself is due before it.
  if (dueOn !== null && daysLeft !== null && daysLeft <= 0)
    return { ...line, verdict: 'not', ...flush(facts) };
  return { ...line, verdict: 'go', minutes: 0 };
}

function boilingLine(facts: PrepFacts): PrepLine {
  const { car, event, fluid, limits, altitudeM, peakC, readings } = facts;
  const line = { id: 'fluid boiling', stage: 'standing', what: 'Fluid, where it boils' } as const;
  const last = readings.find(({ kind }) => kind === 'fluid');
  const now = fluidNow(car, last && { input: last.input as FluidInput, on: last.on }, altitudeM);
  const look = (why: string): PrepLine => ({ ...line, verdict: 'look', why, minutes: READ_MIN });
  if (!last || !now.read || now.moisturePct === undefined)
    return look('Its water is not read since it was filled: meter or boiling tester.');
  const days = Math.max(0, daysBetween(last.on, event.onDate));
  if (!fluid.water && days > READ_DAYS)
    return look(`Read ${last.on}, too long before the day: read it again.`);
  const pct = now.moisturePct + Math.max(0, fluid.water?.perMonth ?? 0) * (days / MONTH_DAYS);
  const ahead = fluid.water
    ? `${pct.toFixed(1)} % water by the day`
    : `${pct.toFixed(1)} % water on ${last.on}`;
  const wet = limitFor('wetFromPct', limits);
  if (!now.pair || peakC === null) {
    const figure = {
      value: pct,
      unit: '%',
      decimals: 1,
      limit: { value: wet.value, from: SOURCE_WORDS[wet.from] },
    };
    const why = `${ahead}; no hottest caliper is known to hold it against.`;
    return pct >= wet.value
      ? { ...line, verdict: 'not', why, figure, ...flush(facts) }
      : { ...line, verdict: 'go', why, figure, minutes: 0 };
  }
  const seaC = boilingAtMoisture(now.pair, pct);
  const boilsC = seaC + altitudeShift(seaC, altitudeM);
  const margin = limitFor('trackMarginK', limits);
  const isOut = boilsC - peakC < margin.value || pct >= wet.value;
  return {
    ...line,
    verdict: isOut ? 'not' : 'go',
    why: `${ahead}; boils at ${Math.round(boilsC)} °C here, hottest caliper ${Math.round(peakC)} °C.`,
    figure: {
      value: boilsC - peakC,
      unit: 'K',
      decimals: 0,
      limit: { value: margin.value, from: SOURCE_WORDS[margin.from] },
    },
    ...(isOut ? flush(facts) : { minutes: 0 }),
  };
}
