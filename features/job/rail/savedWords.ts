import { figure } from '@/ui/format';

/** Expected minutes saved, as a mechanic would say it. */
export function savedWords(minutes: number): string {
  if (minutes < 1) return 'a minute';
  return minutes < 10 ? `${figure(minutes, 0)} min` : `${figure(Math.round(minutes / 5) * 5, 0)} min`;
}
