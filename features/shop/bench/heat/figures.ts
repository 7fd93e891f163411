import { exceeds } from '@/core/car/limits/limit';
import type { HeatBand } from '@/core/readings/heat/band';
import type { heatSession } from '@/core/readings/heat/session';
import type { HeatSessionInput } from '@/core/readings/heat/sessionSchema';
import type { ListedFigure } from '@/ui/FigureList';
import { figure } from '@/ui/format';
import type { Units } from '../../../shell/units';

/**
 * A session in figures: which lap stops the pads and the fluid, what comes after, what a lap puts in.
 * @param band between which laps each limit may fall, where that was worked out
 */
export function heatFigures(
  session: ReturnType<typeof heatSession>,
  { limits = {} }: Pick<HeatSessionInput, 'limits'>,
  { full }: Units,
  band?: HeatBand,
): ListedFigure[] {
  const { laps, padLimitLap, fluidLimitLap, rotorLimitLap, soakPeakC, energyPerLapKJ } = session;
  const { padC, fluidC, rotorC } = limits;
  const last = laps.at(-1)!;
  const boilsStanding = fluidC !== undefined && exceeds(soakPeakC, fluidC);
  return [
    {
      label: 'Pads',
      value: padC === undefined ? '—' : padLimitLap === null ? 'all laps' : `lap ${padLimitLap}`,
      say:
        padC === undefined
          ? 'needs what the pad is good to'
          : padLimitLap === null
            ? `inside ${full(padC, '°C', 0)}, highest ${full(highest(laps.map((lap) => lap.rotorPeakC)), '°C', 0)}`
            : `past ${full(padC, '°C', 0)} from there${between(band?.padLaps)}`,
      bad: padLimitLap !== null,
    },
    {
      label: 'Fluid',
      value: fluidC === undefined ? '—' : fluidLimitLap === null ? 'all laps' : `lap ${fluidLimitLap}`,
      say:
        fluidC === undefined
          ? 'needs where the fluid boils'
          : fluidLimitLap === null
            ? `inside ${full(fluidC, '°C', 0)}, highest ${full(highest(laps.map((lap) => lap.caliperPeakC)), '°C', 0)}`
            : `boils at ${full(fluidC, '°C', 0)} from there${between(band?.fluidLaps)}`,
      bad: fluidLimitLap !== null,
    },
    {
      label: 'Standing after',
      value: full(soakPeakC, '°C', 0),
      say: boilsStanding ? 'the fluid boils in the paddock' : 'the caliper’s highest, heat soaking in',
      bad: boilsStanding,
    },
    {
      label: 'Heat a lap',
      value: `${figure(energyPerLapKJ, 0)} kJ`,
      say: `at this corner; last lap ${full(last.rotorPeakC, '°C', 0)} and ${full(last.caliperPeakC, '°C', 0)}`,
      bad: false,
    },
    ...(rotorC === undefined || rotorLimitLap === undefined
      ? []
      : [
          {
            label: 'Rotor',
            value: rotorLimitLap === null ? 'all laps' : `lap ${rotorLimitLap}`,
            say: `${rotorLimitLap === null ? 'inside' : 'at risk of cracking past'} ${full(rotorC, '°C', 0)}`,
            bad: rotorLimitLap !== null,
          },
        ]),
  ];
}

/** Between which laps a limit may fall. */
function between(laps: HeatBand['padLaps'] | undefined): string {
  if (!laps || laps[0] === laps[1]) return '';
  return `; may be ${laps[0]} to ${laps[1] ?? 'never'}`;
}

const highest = (values: readonly number[]) => Math.max(...values);
