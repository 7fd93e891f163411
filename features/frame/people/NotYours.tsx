import { ROLE_WORDS, type Role } from '@/core/base/people/roles';
import { inSentence } from '@/core/base/sentence';
import { buttonClass } from '@/ui/Button';
import { Link } from '@/ui/Link';

/** A page that is for others: said, with what one may do. */
export function NotYours({ role }: { role: Role }) {
  const { label, may } = ROLE_WORDS[role];
  return (
    <main id="main" className="mx-auto max-w-2xl p-6">
      <h1 className="text-3xl">This page is for others</h1>
      <p className="my-3">
        You are here as {inSentence(label)}: {may}. The owner can change that, under Setup, People.
      </p>
      <Link href="/" className={buttonClass('primary')}>
        To the bay
      </Link>
    </main>
  );
}
