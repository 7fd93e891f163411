import { buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';

export const metadata = { title: 'No network' };

/** Shown where a page is asked for that this device does not have and no network brings. */
export default function OfflinePage() {
  return (
    <main id="main" className="mx-auto max-w-xl p-4 desk:p-6">
      <h1 className="text-3xl">No network, and that page is not on this device</h1>
      <p className="my-3">
        The jobs in the bay, their cars, the shelf and the benches are. What you enter is kept here and sent
        when there is a network again.
      </p>
      <Link href="/" className={buttonClass('primary')}>
        To the bay
      </Link>
    </main>
  );
}
