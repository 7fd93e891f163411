import type { Axle, Corner } from '../../car/corner';
import type { PartKind } from '../shelf/parts';
import type { LifeLeft } from '../wear/rotorLife';

/** When in a preparation it is met: standing on its wheels, with the wheels of an axle off, or when they are back on. */
export const PREP_STAGES = ['standing', 'front', 'rear', 'after'] as const;
export type PrepStage = (typeof PREP_STAGES)[number];

/**
 * What it comes to: go; not as it is; goes, but its spare has to come along; nobody has looked; and what is simply done each
 * time.
 */
export type PrepVerdict = 'go' | 'not' | 'buy' | 'look' | 'do';

/** A figure with its unit and what it is held against, and where that comes from, in words. */
export type PrepFigure = {
  value: number;
  unit: string;
  decimals: number;
  limit?: { value: number; from: string };
};

/** A job of the car that is open. */
export type PrepJob = { id: string; number: number };

export type PrepLine = {
  /** Stays the same while the same thing is asked. */
  id: string;
  stage: PrepStage;
  what: string;
  verdict: PrepVerdict;
  /** Why, in a sentence; units and days in it are the shop's to show. */
  why: string;
  figure?: PrepFigure;
  /** Sessions it is good for, where that is forecast. */
  life?: LifeLeft;
  /** What it takes from here, min. */
  minutes: number;
  /** The open job that it is about. */
  job?: PrepJob;
  /** What has to be there for it. */
  buy?: { kind: PartKind; place: Axle | Corner | ''; count: number; unit: 'pcs' | 'ml' };
};

/** Of several verdicts the one that decides. */
export function worstOf(verdicts: readonly PrepVerdict[]): PrepVerdict {
  return (['not', 'look', 'buy', 'go'] as const).find((each) => verdicts.includes(each)) ?? 'do';
}
