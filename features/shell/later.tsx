import { type ComponentType, lazy, type ReactNode, Suspense, useState } from 'react';
import { ahead } from './ahead';
import { useInPage } from './useInPage';

/** A server that did not answer is asked again after this, ms. */
const AGAIN_MS = 2000;

/** What stands in its place until it is there. */
type Options<P> = { loading?: (props: P) => ReactNode };

/**
 * A component that a page does not need at once. It is fetched when the page has come to rest, so that it is there when it is wanted, whether
 * the server is then or not; one that is wanted before is waited for until it can be had. It is no part of the page as the server makes it:
 * what that shows has to be awake with it (`next/dynamic`, with `ahead` for when it comes in later).
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  { loading = () => null }: Options<P> = {},
): ComponentType<P> {
  const Part = fetchedApart(load);
  return (props) => (
    <OnceThere waiting={loading(props)}>
      <Part {...props} />
    </OnceThere>
  );
}

/**
 * A part that the server draws with its page, and that is heavy: the page around it wakes first, this when it is there. What is pressed on it
 * before is kept for it (`public/early.js`).
 */
export function wakesAfter<P extends object>(
  load: () => Promise<ComponentType<P>>,
  { loading = () => null }: Options<P> = {},
): ComponentType<P> {
  const Part = fetchedApart(load);
  return (props) => (
    <Suspense fallback={loading(props)}>
      <Part {...props} />
    </Suspense>
  );
}

/** Asked for when it is drawn, or once the page is at rest, until it can be had. */
function fetchedApart<P extends object>(load: () => Promise<ComponentType<P>>) {
  ahead(load);
  return lazy(async () => ({ default: await untilThere(load) }));
}

/** Shows what is lazy inside, or what stands in its place. */
function OnceThere({ waiting, children }: { waiting: ReactNode; children: ReactNode }) {
  return useIsAwake() ? <Suspense fallback={waiting}>{children}</Suspense> : waiting;
}

/**
 * A part that the server's page may be made with (`next/dynamic`), and that a press may call up. In the page it wakes with all around it, so that
 * no press is lost on it; called up later it waits by itself, and what is around it stays.
 */
export function calledUp<P extends object>(Part: ComponentType<P>): ComponentType<P> {
  return (props) => {
    const isAwake = useIsAwake();
    const [alone] = useState(isAwake);
    return alone ? (
      <Suspense fallback={null}>
        <Part {...props} />
      </Suspense>
    ) : (
      <Part {...props} />
    );
  };
}

/** Whether the page is more than what the server made of it. */
function useIsAwake(): boolean {
  return useInPage<boolean>(() => true, false);
}

/** Asks for a part of the build until it comes; what is broken in itself is not asked for again. */
export async function untilThere<T>(load: () => Promise<T>): Promise<T> {
  for (;;)
    try {
      return await load();
    } catch (error) {
      if ((error as Error).name !== 'ChunkLoadError') throw error;
      await new Promise((resolve) => setTimeout(resolve, AGAIN_MS));
    }
}
