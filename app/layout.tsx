import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { dayIn } from '@/core/base/day';
import { Shell } from '@/features/frame/Shell';
import { PersonProvider } from '@/features/shell/PersonContext';
import { ShopProvider } from '@/features/shell/ShopContext';
import { AT, NONCE } from '@/server/guard/policy';
import { buildId } from '@/server/offline/build';
import { deviceHere, signedIn } from '@/server/people/here';
import { getShop } from '@/server/shop/queries';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Bavrin', template: '%s · Bavrin' },
  description: 'Brake diagnosis, from complaint to proven fix.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#1c3d5e' };
export const dynamic = 'force-dynamic';

/** What every page is written in, fetched with it: letters that come in later are wider or narrower, and move what stands there. */
const LETTERS = [
  new URL('@fontsource-variable/archivo/files/archivo-latin-wdth-normal.woff2', import.meta.url),
  new URL('@fontsource-variable/sometype-mono/files/sometype-mono-latin-wght-normal.woff2', import.meta.url),
];

/** Round every page: nothing round the door, and nothing where nobody is signed in. */
export default async function RootLayout({ children }: { children: ReactNode }) {
  const theme = (await cookies()).get('bavrin-theme')?.value;
  const asked = await headers();
  const nonce = asked.get(NONCE) ?? undefined;
  const isDoor = /^\/(sign-in|begin)\b/.test(asked.get(AT) ?? '');
  return (
    <html lang="en" data-theme={theme === 'light' || theme === 'dark' ? theme : 'auto'}>
      <head>
        {LETTERS.map(({ pathname }) => (
          <link key={pathname} rel="preload" as="font" type="font/woff2" crossOrigin="" href={pathname} />
        ))}
        <script src="/early.js" nonce={nonce} />
      </head>
      <body>{isDoor ? children : await inShop(children)}</body>
    </html>
  );
}

async function inShop(children: ReactNode): Promise<ReactNode> {
  const [actor, device] = await Promise.all([signedIn(), deviceHere()]);
  if (!actor?.id) return children;
  const shop = await getShop();
  const now = new Date();
  const { id, name, role } = actor;
  return (
    <PersonProvider person={{ id, name, role, device: device?.name ?? null }}>
      <ShopProvider
        shop={{
          name: shop.name,
          circuit: shop.circuit,
          altitudeM: shop.altitudeM,
          timeZone: shop.timeZone,
          dateOrder: shop.dateOrder,
          currency: shop.currency,
          lengthUnit: shop.lengthUnit,
          temperatureUnit: shop.temperatureUnit,
          pressureUnit: shop.pressureUnit,
          limits: shop.limits,
          today: dayIn(shop.timeZone, now),
          now: now.toISOString(),
        }}
      >
        <Shell build={buildId()} signedInHours={shop.signedInHours}>
          {children}
        </Shell>
      </ShopProvider>
    </PersonProvider>
  );
}
