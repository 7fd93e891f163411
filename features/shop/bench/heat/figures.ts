import { exceeds } from '@/core/car/limits/limit';
import type { HeatBand } from '@/core/readings/heat/band';
import type { heatSession } from '@/core/readings/heat/session';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import type { ListedFigure } from '@/ui/FigureList';
import { figure } from '@/ui/format';
import type { Units } from '../../../shell/units';

type Session = ReturnType<typeof heatSession>;

/**
 * A session in figures: which lap stops the pads and the fluid, what comes after, what a lap puts in.
 * @param band between which laps each limit may fall, where that was worked out
 */
export function heatFigures(
  session: Session,
  { limits = {} }: Pick<HeatSessionInput, 'limits'>,
  { full }: Units,
  band?: HeatBand,
): ListedFigure[] {
  const { laps, padLimitLap, fluidLimitLap, soakPeakC, energyPerLapKJ } = session;
  const { padC, fluidC, rotorC } = limits;
  const c = (value: number) => full(value, '°C', 0);
  const last = laps.at(-1)!;
  const boilsStanding = fluidC !== undefined && exceeds(soakPeakC, fluidC);
  return [
    {
      ...lapFigure('Pads', padC, padLimitLap),
      say:
        padC === undefined
          ? 'needs what the pad is good to'
          : padLimitLap === null
            ? `inside ${c(padC)}, highest ${c(highest(laps.map((lap) => lap.rotorPeakC)))}`
            : `past ${c(padC)} from there${between(band?.padLaps)}`,
    },
    {
      ...lapFigure('Fluid', fluidC, fluidLimitLap),
      say:
        fluidC === undefined
          ? 'needs where the fluid boils'
          : fluidLimitLap === null
            ? `inside ${c(fluidC)}, highest ${c(highest(laps.map((lap) => lap.caliperPeakC)))}`
            : `boils at ${c(fluidC)} from there${between(band?.fluidLaps)}`,
    },
    {
      label: 'Standing after',
      value: c(soakPeakC),
      say: boilsStanding ? 'the fluid boils in the paddock' : 'the caliper’s highest, heat soaking in',
      bad: boilsStanding,
    },
    {
      label: 'Heat a lap',
      value: `${figure(energyPerLapKJ, 0)} kJ`,
      say: `at this corner; last lap ${c(last.rotorPeakC)} and ${c(last.caliperPeakC)}`,
      bad: false,
    },
    ...rotorFigure(session, rotorC, c),
  ];
}

/** The lap that a limit ends, where one is known and falls. */
function lapFigure(label: string, limit: number | undefined, lap: number | null | undefined) {
  const value = limit === undefined ? '—' : lap === null ? 'all laps' : `lap ${lap}`;
  return { label, value, bad: limit !== undefined && lap !== null };
}

function rotorFigure(
  { rotorLimitLap: lap }: Session,
  rotorC: number | undefined,
  c: (value: number) => string,
): ListedFigure[] {
  if (rotorC === undefined || lap === undefined) return [];
  const say = `${lap === null ? 'inside' : 'at risk of cracking past'} ${c(rotorC)}`;
  return [{ ...lapFigure('Rotor', rotorC, lap), say }];
}

/** Between which laps a limit may fall. */
function between(laps: HeatBand['padLaps'] | undefined): string {
  if (!laps || laps[0] === laps[1]) return '';
  return `; may be ${laps[0]} to ${laps[1] ?? 'never'}`;
}

const highest = (values: readonly number[]) => Math.max(...values);
