import type { ReactNode } from 'react';
import { QrCode } from '@/ui/QrCode';

/** How a phone or tablet comes into the shop over a secure address, or what is missing for that. */
export function PhoneView({ doors }: { doors?: { address: string; certificate: string } }) {
  return (
    <main id="main" className="mx-auto max-w-4xl p-5">
      <h1 className="text-3xl">A phone</h1>
      {doors ? (
        <>
          <p className="mb-4 max-w-prose text-soft">
            This shop vouches for itself: a phone trusts it once, and from then on keeps the open jobs for
            when there is no network, feels slowdowns, and reads gauges. All in the shop’s own network;
            nothing goes anywhere else.
          </p>
          <ol className="grid gap-6 desk:grid-cols-3">
            <Step title="1. Fetch the certificate" code={doors.certificate}>
              With the phone’s camera. Where it opens in the browser and asks, let it be downloaded.
            </Step>
            <li>
              <h2 className="text-xl">2. Trust it</h2>
              <p className="mt-2">
                In the phone’s own settings look for certificates, under security or under profiles. Install
                the one that was downloaded as one of an <b>authority</b>; where the phone then has a list of
                trusted authorities, switch it on there too.
              </p>
              <p className="mt-2 text-soft">
                Whoever has the key of an authority can pretend to be any address to a phone that trusts it.
                The key of this one lies on this shop’s machine and nowhere else; trust none that somebody
                sends you.
              </p>
            </li>
            <Step title="3. Open the shop" code={doors.address}>
              And keep it on the home screen. Sign in with your password once; say that the device stays in
              the shop where it does.
            </Step>
          </ol>
        </>
      ) : (
        <>
          <p className="my-3 max-w-prose">
            This shop is served on a plain address. Browsers then let no page work without a network, feel
            slowdowns or talk to gauges, except on the machine itself; and whoever listens in the network can
            read along.
          </p>
          <p className="max-w-prose">
            Stop it, and start it with <code className="reading">--https</code>: it puts a proxy in front,
            with a certificate of the shop’s own, and this page then shows a phone the way.
          </p>
        </>
      )}
    </main>
  );
}

function Step({ title, code, children }: { title: string; code: string; children: ReactNode }) {
  return (
    <li>
      <h2 className="text-xl">{title}</h2>
      <p className="mt-2">{children}</p>
      <QrCode text={code} className="mt-2 w-52 border border-ink" />
      <p className="reading mt-1 break-all text-small">{code}</p>
    </li>
  );
}
