import { type ComponentType, lazy, type ReactNode, Suspense, useSyncExternalStore } from 'react';
import { ahead } from './ahead';

/** A server that did not answer is asked again after this, ms. */
const AGAIN_MS = 2000;

type Options = {
  /** Whether it is part of the page as the server makes it. */
  ssr?: boolean;
  /** What stands in its place until it is there. */
  loading?: () => ReactNode;
};

/**
 * A component that a page does not need at once. It is fetched when the page has come to rest, so that it is there when it is wanted, whether
 * the server is then or not; one that is wanted before is waited for until it can be had.
 */
export function later<P extends object>(
  load: () => Promise<ComponentType<P>>,
  { ssr = true, loading = () => null }: Options = {},
): ComponentType<P> {
  ahead(load);
  const Part = lazy(async () => ({ default: await untilThere(load) }));
  return (props) => (
    <OnceThere ssr={ssr} loading={loading}>
      <Part {...props} />
    </OnceThere>
  );
}

/** Shows what is lazy inside, or what stands in its place. */
function OnceThere({ ssr, loading, children }: Required<Options> & { children: ReactNode }) {
  const isAwake = useSyncExternalStore(
    noChange,
    () => true,
    () => ssr,
  );
  return isAwake ? <Suspense fallback={loading()}>{children}</Suspense> : loading();
}

const noChange = () => () => {};

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
