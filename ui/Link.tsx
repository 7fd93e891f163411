'use client';

import NextLink from 'next/link';
import { type ComponentProps, createContext, useContext, useState } from 'react';

type LinkProps = Omit<ComponentProps<typeof NextLink>, 'prefetch' | 'href'> & {
  href: string;
  /** Fetched whole once a pointer, a finger or the focus comes near: it is there when it is pressed, and may be some minutes old. */
  ahead?: boolean;
};

/** Told of a way before it is taken, with what keeps it from being gone on with. */
export const WayContext = createContext<(href: string, hold: () => void) => void>(() => {});

/**
 * A way to another page. Nothing of it is fetched before it is taken: every page is made for whoever asks and as things
 * stand, and a board of twenty cars would have the server make sixty that nobody opens.
 */
export function Link({ ahead = false, ...rest }: LinkProps) {
  const [near, setNear] = useState(false);
  const asked = useContext(WayContext);
  const come = () => setNear(true);
  return (
    <NextLink
      {...rest}
      prefetch={near}
      onNavigate={(event) => asked(rest.href, () => event.preventDefault())}
      {...(ahead ? { onPointerEnter: come, onFocus: come } : {})}
    />
  );
}
