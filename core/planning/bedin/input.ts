import type { Axle } from '../../car/corner';
import type { CarSpec } from '../../car/spec';
import { USUAL_RADII } from '../../car/usualRadii';
import { rotorMassKg } from '../../readings/heat/rotorMass';
import type { WorkOptions } from '../options';
import type { Ways } from '../ways';
import type { BedInInput } from './schema';
import { BED_IN_SCHOOLS, type Compound, type SlowdownRow } from './schools';

/** What stands in for what nobody has entered (model, and said beside the plan). */
const USUAL = {
  massKg: 1300,
  frontShare: 0.7,
  rotorKg: { front: 7, rear: 5 },
};
const USUAL_AMBIENT_C = 20;

/** Where a maker's own rows begin from before anybody has typed them. */
export const MAKER_ROWS: SlowdownRow[] = BED_IN_SCHOOLS.B.rows;

/** What the bed-in of an axle of this car starts from, and what had to be assumed of it. */
export function bedInInputFor(
  car: CarSpec,
  ways: Ways,
  chosen: NonNullable<WorkOptions['bedIn']>,
): { input: BedInInput; assumed: string[] } {
  const axle: Axle = chosen.axle === 'rear' ? 'rear' : 'front';
  const other: Axle = axle === 'front' ? 'rear' : 'front';
  const spec = car[axle];
  const school = chosen.school ?? ways.bedInSchool;
  const compound: Compound = chosen.compound ?? spec.padCompound ?? 'street';
  const frontShare = car.frontShare ?? USUAL.frontShare;
  const ownWindow =
    spec.bedLowC !== null && spec.bedHighC !== null && compound === (spec.padCompound ?? compound);
  return {
    input: {
      school: school === 'maker' ? 'B' : school,
      ...(school === 'maker' ? { rows: chosen.rows ?? MAKER_ROWS } : {}),
      ...(chosen.stops === undefined || school === 'maker' ? {} : { stops: chosen.stops }),
      compound,
      ...(ownWindow ? { windowC: { low: spec.bedLowC!, high: spec.bedHighC! } } : {}),
      axle: chosen.axle ?? 'front',
      car: {
        massKg: car.massKg ?? USUAL.massKg,
        axleShare: axle === 'front' ? frontShare : 1 - frontShare,
        rotorMassKg: rotorKg(car, axle),
      },
      otherRotorMassKg: car[other].brake === 'disc' ? rotorKg(car, other) : null,
      ...(chosen.accelMs2 === undefined ? {} : { accelMs2: chosen.accelMs2 }),
      ...(chosen.powerKW === undefined ? {} : { powerKW: chosen.powerKW }),
      ambientC: chosen.ambientC ?? USUAL_AMBIENT_C,
    },
    assumed: [
      ...(car.massKg === null ? [`mass ${USUAL.massKg} kg`] : []),
      ...(car.frontShare === null ? [`${USUAL.frontShare * 100} % of the braking in front`] : []),
      ...(spec.rotorMassKg === null
        ? [
            `rotor ${rotorKg(car, axle).toFixed(1)} kg${spec.rotorNewMm === null ? '' : ' from its thickness'}${spec.rotorRadiusMm === null ? ' and a usual size' : ' and radius'}`,
          ]
        : []),
      ...(spec.padCompound === null && chosen.compound === undefined ? ['a street pad'] : []),
    ],
  };
}

/** Mass of one rotor of an axle, kg: weighed, else from its size, else what is usual. */
function rotorKg(car: CarSpec, axle: Axle): number {
  const { rotorMassKg: weighed, rotorNewMm, rotorRadiusMm } = car[axle];
  if (weighed !== null) return weighed;
  const estimated =
    rotorNewMm === null ? USUAL.rotorKg[axle] : rotorMassKg(rotorNewMm, rotorRadiusMm ?? USUAL_RADII.rotorMm);
  return Number(estimated.toFixed(2));
}
