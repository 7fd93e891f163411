'use client';

import { useEffect, useState } from 'react';

const NAMES = ['ink', 'soft', 'rule', 'card', 'straw', 'stop', 'bronze', 'go'] as const;
export type Tokens = Record<(typeof NAMES)[number], string>;

/** The theme's colours as the canvas needs them, read again when the theme changes. */
export function useTokens(): Tokens {
  const [tokens, setTokens] = useState(readTokens);
  useEffect(() => {
    const again = () => setTokens(readTokens());
    const observer = new MutationObserver(again);
    observer.observe(document.documentElement, { attributes: true, attributeFilter: ['data-theme'] });
    const dark = window.matchMedia('(prefers-color-scheme: dark)');
    dark.addEventListener('change', again);
    return () => {
      observer.disconnect();
      dark.removeEventListener('change', again);
    };
  }, []);
  return tokens;
}

function readTokens(): Tokens {
  const style = getComputedStyle(document.documentElement);
  return Object.fromEntries(
    NAMES.map((name) => [name, style.getPropertyValue(`--${name}`).trim()]),
  ) as Tokens;
}
