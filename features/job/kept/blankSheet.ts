import type { JobHead, JobSheet } from '@/core/job/sheet';
import type { Blank } from '@/server/jobs/blank';
import type { QueuedWrite } from '../../queue/write';

/** A job as it begins: what was said at its opening, over what its car brings with it. */
export function blankSheet(
  { body, enteredAt }: Extract<QueuedWrite, { kind: 'opening' }>,
  blank: Blank,
): JobSheet {
  const job: JobHead = {
    ...body,
    ...{ number: 0, openedAt: enteredAt, version: 1 },
    ...{ whenWhere: '', history: '', summary: '', missing: [], workOrder: [], odometerKm: null },
    ...{ helper: true, wheelsOff: false, place: 'bay' },
    ...{ closedAt: null, closedBy: null, outcome: null, confirmed: [], bedInTold: '' },
  };
  return { ...blank.sheet, job };
}

/** Which job, at which stage, an address is of: `/job/…/run/…` too. */
export function placeIn(path: string): { jobId: string; segment: string; workId: string } {
  const [, jobId = '', segment = 'complaint', workId = ''] =
    /^\/job\/([^/]+)(?:\/([^/]+))?(?:\/([^/]+))?/.exec(path) ?? [];
  return { jobId, segment, workId };
}
