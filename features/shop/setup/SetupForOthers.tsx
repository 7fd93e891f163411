import { buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';

/** What of the setup is there for whoever does not own the shop. */
export function SetupForOthers() {
  return (
    <main id="main" className="mx-auto max-w-2xl p-5">
      <h1 className="text-3xl">Setup</h1>
      <p className="my-3">
        The shop’s ways, limits, people and devices are its owner’s to set. Your own password and PIN are
        under your name, at the top.
      </p>
      <div className="flex flex-wrap gap-3">
        <Link href="/setup/knowledge" className={buttonClass('plain')}>
          What it knows
        </Link>
        <Link href="/setup/calibration" className={buttonClass('plain')}>
          How often it was right
        </Link>
        <Link href="/setup/phone" className={buttonClass('plain')}>
          A phone
        </Link>
      </div>
    </main>
  );
}
