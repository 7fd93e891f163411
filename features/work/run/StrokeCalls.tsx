'use client';

import { useEffect, useRef, useState } from 'react';
import { type Call, cadenceAt, nextStop, type Strokes } from '@/core/planning/bleed/cadence';
import { Button } from '@/ui/Button';
import { say } from '@/ui/sound';
import { useKept } from '../../shell/useKept';

const WORDS: Record<Call, string> = {
  press: 'Press',
  hold: 'Hold',
  open: 'Open',
  close: 'Close',
  release: 'Release',
};

/** How often it is looked where the calls are, ms. */
const LOOK_MS = 100;

type Props = {
  /** What the strokes are counted under. */
  id: string;
  strokes: Strokes;
  sound: boolean;
  /** Told how much the strokes so far have moved, ml. */
  onMoved: (ml: number) => void;
};

/**
 * A bleed for two, called so that both hear it: press, hold, open, close, release; each half stroke counted. It stops where
 * the reservoir has to be filled up. Whoever stops it hears the stroke under way to its end: the foot never comes up with
 * the screw open.
 */
export function StrokeCalls(props: Props) {
  const { strokes } = props;
  const { done, isCalling, call, stroke, filling, start, stop } = useStrokeCalls(props);
  return (
    <section aria-label="Strokes" className="my-3 border-2 border-ink p-3">
      <p className="flex flex-wrap items-baseline gap-x-4">
        <span aria-live="assertive" className="narrow min-w-44 text-5xl font-bold">
          {call ? WORDS[call] : filling ? 'Fill up' : done === 0 ? 'Ready' : 'Closed'}
        </span>
        <span className="reading text-2xl">
          {call
            ? `half stroke ${stroke}${stroke! <= strokes.count ? ` of ${strokes.count}` : ''}`
            : `${done} of ${strokes.count} half strokes`}
        </span>
      </p>
      {filling && (
        <p role="status" className="text-lg font-semibold text-bronze">
          The reservoir is filled up here: it would run dry. Then go on.
        </p>
      )}
      <div className="mt-2 flex flex-wrap gap-3">
        {isCalling ? (
          <Button look="stop" className="min-h-14 text-lg" onClick={stop}>
            Stop after this stroke
          </Button>
        ) : (
          <Button className="min-h-14 text-lg" onClick={start}>
            {done === 0 ? 'Call the strokes' : done >= strokes.count ? 'One stroke more' : 'Go on calling'}
          </Button>
        )}
      </div>
    </section>
  );
}

/** The strokes of a bleed while they are called: where the call is, and how many half strokes are done. */
function useStrokeCalls({ id, strokes, sound, onMoved }: Props) {
  const [done, keepDone] = useKept(`strokes.${id}`, 0);
  const [begun, setBegun] = useState<{ at: number; from: number; upTo: number; fill: boolean }>();
  const [now, setNow] = useState(0);
  const [filling, setFilling] = useState(false);
  const at = begun && cadenceAt((now - begun.at) / 1000, begun.upTo, begun.from);
  const finished = useRef<(upTo: number, fill: boolean) => void>(undefined);
  finished.current = (upTo, fill) => {
    setBegun(undefined);
    keepDone(upTo);
    setFilling(fill);
    onMoved(Math.round(upTo * strokes.mlEach));
    if (sound) say(fill ? 'Stop. Fill the reservoir up' : 'Stop. Closed, and look');
  };

  useEffect(() => {
    if (!begun) return;
    const timer = setInterval(() => {
      const time = Date.now();
      setNow(time);
      if (!cadenceAt((time - begun.at) / 1000, begun.upTo, begun.from).over) return;
      clearInterval(timer);
      finished.current?.(begun.upTo, begun.fill);
    }, LOOK_MS);
    return () => clearInterval(timer);
  }, [begun]);

  const call = at && !at.over ? at.call : undefined;
  const stroke = at?.stroke;
  // biome-ignore lint/correctness/useExhaustiveDependencies: each stroke calls the same words anew
  useEffect(() => {
    if (sound && call) say(WORDS[call]);
  }, [call, stroke, sound]);

  const start = () => {
    const { stroke: upTo, fill } = nextStop(strokes, done);
    const time = Date.now();
    setNow(time);
    setFilling(false);
    setBegun({ at: time, from: done, upTo, fill });
  };
  const stop = () => {
    if (begun && at) setBegun({ ...begun, upTo: Math.min(begun.upTo, at.stroke), fill: false });
  };
  return { ...{ done, call, stroke, filling, start, stop }, isCalling: begun !== undefined };
}
