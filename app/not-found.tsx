import { buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';

export default function NotFound() {
  return (
    <main id="main" className="mx-auto max-w-2xl p-6">
      <h1 className="text-3xl">Nothing here under that address</h1>
      <p className="my-3">The job or car may be on another shop’s list, or the address was cut short.</p>
      <Link href="/" className={buttonClass('primary')}>
        To the bay
      </Link>
    </main>
  );
}
