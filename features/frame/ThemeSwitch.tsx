'use client';

import { Moon, Sun } from 'lucide-react';
import { StripKey } from './StripKey';

const YEAR_S = 365 * 24 * 3600;

/** Day or bay light; remembered on this device. */
export function flipTheme(): void {
  const root = document.documentElement;
  const dark = getComputedStyle(root).colorScheme === 'dark';
  const next = dark ? 'light' : 'dark';
  root.dataset.theme = next;
  // biome-ignore lint/suspicious/noDocumentCookie: the server reads it for the first paint
  document.cookie = `bavrin-theme=${next}; path=/; max-age=${YEAR_S}; samesite=lax`;
}

/** Its key in the strip; on a phone it lies under the name, where there is room. */
export function ThemeSwitch() {
  return (
    <StripKey aria-label="Light or dark" onClick={flipTheme} className="hidden sm:flex">
      <Sun aria-hidden="true" size={20} className="hidden dark:block" />
      <Moon aria-hidden="true" size={20} className="dark:hidden" />
    </StripKey>
  );
}
