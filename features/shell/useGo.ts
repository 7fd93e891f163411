'use client';

import { useRouter } from 'next/navigation';
import { useCallback } from 'react';
import { goWhere } from './reach';

/** Goes to another page, where that can be had; else this one stays, and says so. */
export function useGo(): (href: string) => void {
  const router = useRouter();
  return useCallback((href) => goWhere(href, () => router.push(href)), [router]);
}
