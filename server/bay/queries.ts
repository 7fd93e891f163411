import { leadingCause } from '../../core/diagnosis/diagnose';
import type { CauseVerdict } from '../../core/diagnosis/verdict';
import { fluidDue } from '../../core/due/fluid';
import { type Derived, derivedAnswers } from '../../core/job/current';
import { holdsOn, type JobHold } from '../../core/job/holds';
import { questionOfJob } from '../../core/job/question';
import type { JobSheet } from '../../core/job/sheet';
import { type Stage, stageToOpen } from '../../core/job/stages';
import { standingReadings } from '../../core/job/standing';
import { byUrgency } from '../../core/job/urgency';
import { type Measured, measuredOf } from '../../core/wear/measured';
import { type FollowUp, listCars, openFollowUps } from '../cars/queries';
import type { CarRow } from '../cars/rows';
import { database } from '../db/sql';
import { getSheets, openJobIds } from '../jobs/queries';
import { getShop } from '../shop/queries';

export type BayCard = {
  sheet: JobSheet;
  holds: JobHold[];
  derived: Derived[];
  measured: Measured;
  stage: Stage;
  leading?: Pick<CauseVerdict, 'id' | 'probability' | 'corner'>;
};

export type DueLine = {
  carId: string;
  carName: string;
  what: string;
  why: string;
  dueOn: string | null;
  followUp?: FollowUp;
};

export type Bay = { cards: BayCard[]; cars: CarRow[]; due: DueLine[] };

/** Falls due within this many days, or is over: worth a line. */
const SOON_DAYS = 30;

/** The board: open jobs, most urgent first; the cars; what is due. */
export async function getBay(today: string): Promise<Bay> {
  const sql = database();
  const [sheets, cars, followUps, shop] = await Promise.all([
    openJobIds(sql).then((ids) => getSheets(ids, sql)),
    listCars(sql),
    openFollowUps(undefined, sql),
    getShop(sql),
  ]);
  const cards = sheets.map((sheet): BayCard => {
    const known = sheet.answers.length + sheet.readings.length > 0;
    return {
      sheet,
      holds: holdsOn(sheet).filter((hold) => !hold.proof),
      derived: derivedAnswers(sheet.readings, 'before'),
      measured: measuredOf(standingReadings(sheet)),
      stage: stageToOpen(sheet),
      ...(known ? { leading: leadingCause(questionOfJob(sheet)) } : {}),
    };
  });
  cards.sort((left, right) => byUrgency(urgencyOf(left), urgencyOf(right)));
  return { cards, cars, due: dueLines(cars, followUps, shop.fluidSchool, today) };
}

function urgencyOf({ sheet, holds }: BayCard) {
  return { holds: holds.length, neededAt: sheet.job.neededAt, openedAt: sheet.job.openedAt };
}

function dueLines(
  cars: readonly CarRow[],
  followUps: readonly FollowUp[],
  school: Parameters<typeof fluidDue>[1],
  today: string,
): DueLine[] {
  const fluid = cars.flatMap((car): DueLine[] => {
    const due = fluidDue(car.fluidFilledOn, school, today);
    return due.daysLeft <= SOON_DAYS
      ? [
          {
            carId: car.id,
            carName: car.name,
            what: 'Brake fluid',
            why: due.why,
            dueOn: car.fluidFilledOn === null ? null : due.dueOn,
          },
        ]
      : [];
  });
  const noted = followUps.map(
    (followUp): DueLine => ({
      carId: followUp.carId,
      carName: followUp.carName,
      what: followUp.what,
      why: followUp.jobId === null ? '' : 'Noted when a job was closed.',
      dueOn: followUp.dueOn,
      followUp,
    }),
  );
  return [...fluid, ...noted].sort((left, right) => ((left.dueOn ?? '0') < (right.dueOn ?? '0') ? -1 : 1));
}
