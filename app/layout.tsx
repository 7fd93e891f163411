import type { Metadata, Viewport } from 'next';
import { cookies } from 'next/headers';
import type { ReactNode } from 'react';
import { Shell } from '@/features/shell/Shell';
import { ShopProvider } from '@/features/shell/ShopContext';
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
  const now = new Date();
  const today = new Intl.DateTimeFormat('en-CA', { timeZone: shop.timeZone }).format(now);
  return (
    <html lang="en" data-theme={theme === 'light' || theme === 'dark' ? theme : 'auto'}>
      <body>
        <ShopProvider
          shop={{
            name: shop.name,
            circuit: shop.circuit,
            altitudeM: shop.altitudeM,
            timeZone: shop.timeZone,
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
