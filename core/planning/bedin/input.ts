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
  const axle: Axle = chosen.axle ?? 'front';
  const spec = car[axle];
  const school = chosen.school ?? ways.bedInSchool;
  const compound: Compound = chosen.compound ?? spec.padCompound ?? 'street';
  const frontShare = car.frontShare ?? USUAL.frontShare;
  const ownWindow =
    spec.bedLowC !== null && spec.bedHighC !== null && compound === (spec.padCompound ?? compound);
  const estimated =
    spec.rotorNewMm === null
      ? USUAL.rotorKg[axle]
      : rotorMassKg(spec.rotorNewMm, spec.rotorRadiusMm ?? USUAL_RADII.rotorMm);
  return {
    input: {
      school: school === 'maker' ? 'B' : school,
      ...(school === 'maker' ? { rows: chosen.rows ?? MAKER_ROWS } : {}),
      ...(chosen.stops === undefined || school === 'maker' ? {} : { stops: chosen.stops }),
      compound,
      ...(ownWindow ? { windowC: { low: spec.bedLowC!, high: spec.bedHighC! } } : {}),
      car: {
        massKg: car.massKg ?? USUAL.massKg,
        axleShare: axle === 'front' ? frontShare : 1 - frontShare,
        rotorMassKg: spec.rotorMassKg ?? Number(estimated.toFixed(2)),
      },
      ambientC: chosen.ambientC ?? USUAL_AMBIENT_C,
    },
    assumed: [
      ...(car.massKg === null ? [`mass ${USUAL.massKg} kg`] : []),
      ...(car.frontShare === null ? [`${USUAL.frontShare * 100} % of the braking in front`] : []),
      ...(spec.rotorMassKg === null
        ? [
            `rotor ${estimated.toFixed(1)} kg${spec.rotorNewMm === null ? '' : ' from its thickness'}${spec.rotorRadiusMm === null ? ' and a usual size' : ' and radius'}`,
          ]
        : []),
      ...(spec.padCompound === null && chosen.compound === undefined ? ['a street pad'] : []),
    ],
  };
}
