'use client';

import type { JobSheet } from '@/core/job/sheet';
import { landed, outbox, sender } from '../queue/page';
import { listenForChanges } from '../shell/changes';
import { hereNews } from './hereNews';
import type { JobSource } from './jobStore';
import { judgeAway } from './judge';

/** A job on the shop's server, with this device's outbox before it. */
export function serverSource(jobId: string): JobSource {
  return {
    async fetch() {
      const response = await fetch(`/api/jobs/${jobId}`).catch(() => undefined);
      return response?.ok ? ((await response.json()) as JobSheet) : undefined;
    },
    // What waits is sent as soon as the line is back, not when the next try would come.
    listen: (changed) =>
      listenForChanges(`/api/jobs/${jobId}/changes`, changed, {
        answers: outbox.wakeWaiting,
        here: () => hereNews.tell(jobId),
      }),
    isBehind: () => landed.isRecent(jobId),
    sawVersion: (version) => sender.sawVersion(jobId, version),
    queue: outbox,
    judge: judgeAway,
  };
}
