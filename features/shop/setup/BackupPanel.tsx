'use client';

import type { LastBackups } from '@/server/shop/backups';
import { figure, moment } from '@/ui/format';
import { useShop } from '../../shell/ShopContext';

/** When the shop was last backed up, and what went wrong since. */
export function BackupPanel({ backups }: { backups: LastBackups | null }) {
  const shop = useShop();
  const at = (iso: string) => moment(iso, shop, new Date(shop.now));
  return (
    <section aria-labelledby="backups" className="mx-auto max-w-4xl px-5 pb-8">
      <h2 id="backups" className="border-t-2 border-ink pt-1 text-xl">
        Backups
      </h2>
      {backups?.trouble && (
        <p role="alert" className="mt-2 border-l-[6px] border-stop bg-stop-wash p-3">
          <b className="text-stop">The backup of {at(backups.trouble.at)} failed.</b> {backups.trouble.words}.
          It is tried again.
        </p>
      )}
      {backups?.good ? (
        <p className="mt-2">
          Last whole one {at(backups.good.at)}:{' '}
          <span className="reading">{figure(backups.good.bytes / 1024 / 1024, 1)} MB</span>, read back, in{' '}
          <span className="reading break-all">{backups.good.file}</span>; {backups.good.kept} kept. Passwords
          and PINs are not in it.
        </p>
      ) : (
        <p className="mt-2">
          None is made by itself. A start with <code className="reading">--backup-into FOLDER</code> makes one
          a day and keeps fourteen, while the shop is open;{' '}
          <code className="reading">./bavrin backup FILE</code> makes one at once.
        </p>
      )}
    </section>
  );
}
