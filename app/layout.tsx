import type { Metadata, Viewport } from 'next';
import { cookies, headers } from 'next/headers';
import type { ReactNode } from 'react';
import { dayIn } from '@/core/base/day';
import { Shell } from '@/features/frame/Shell';
import { ShopProvider } from '@/features/shell/ShopContext';
import { NONCE } from '@/server/guard/policy';
import { getShop } from '@/server/shop/queries';
import './globals.css';

export const metadata: Metadata = {
  title: { default: 'Bavrin', template: '%s · Bavrin' },
  description: 'Brake diagnosis, from complaint to proven fix.',
};
export const viewport: Viewport = { width: 'device-width', initialScale: 1, themeColor: '#1c3d5e' };
export const dynamic = 'force-dynamic';

export default async function RootLayout({ children }: { children: ReactNode }) {
  const shop = await getShop();
  const theme = (await cookies()).get('bavrin-theme')?.value;
  const nonce = (await headers()).get(NONCE) ?? undefined;
  const now = new Date();
  const today = dayIn(shop.timeZone, now);
  return (
    <html lang="en" data-theme={theme === 'light' || theme === 'dark' ? theme : 'auto'}>
      <head>
        <script src="/early.js" nonce={nonce} />
      </head>
      <body>
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
            today,
            now: now.toISOString(),
          }}
        >
          <Shell>{children}</Shell>
        </ShopProvider>
      </body>
    </html>
  );
}
