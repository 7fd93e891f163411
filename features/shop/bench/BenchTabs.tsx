'use client';

import { usePathname } from 'next/navigation';
import { cn } from '@/ui/cn';
import { Link } from '@/ui/Link';

const BENCHES = [
  { href: '/bench/fluid', label: 'Fluid' },
  { href: '/bench/pedal', label: 'Pedal' },
  { href: '/bench/balance', label: 'Balance' },
  { href: '/bench/heat', label: 'Heat' },
] as const;

/** The benches, side by side: what is worked out away from the car. */
export function BenchTabs() {
  const path = usePathname();
  return (
    <nav aria-label="Benches" className="flex border-b border-rule px-4 desk:px-6 print:hidden">
      {BENCHES.map(({ href, label }) => (
        <Link
          key={href}
          href={href}
          aria-current={path === href ? 'page' : undefined}
          className={cn(
            'flex min-h-11 items-center border-b-4 px-3 font-semibold',
            path === href ? 'border-ink' : 'border-transparent text-soft',
          )}
        >
          {label}
        </Link>
      ))}
    </nav>
  );
}
