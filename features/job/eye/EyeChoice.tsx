'use client';

import type { ReactNode } from 'react';
import type { Place } from '@/core/car/corner';
import { type FindingId, findingOf } from '@/core/diagnosis/vocabulary/findings';
import { stateWord } from '@/core/diagnosis/vocabulary/words';
import { cn } from '@/ui/cn';
import { useDesk } from '../desk/Desk';
import { COOLING_PATH, DRUM_SURFACE, ROTOR_COLOUR, ROTOR_FLOAT, ROTOR_SURFACE } from './discPictures';
import {
  BLEEDER_POSITION,
  FLUID_LOOK,
  HOSE_SWELL,
  PAD_SURFACE,
  PISTON_RETURN,
  RESERVOIR_LEVEL,
  SLIDE_PINS,
  WHEEL_CYLINDER,
} from './partPictures';
import { EYE_TESTS } from './tests';

const PICTURES: Partial<Record<FindingId, Record<string, ReactNode>>> = {
  rotor_surface: ROTOR_SURFACE,
  rotor_colour: ROTOR_COLOUR,
  rotor_float: ROTOR_FLOAT,
  cooling_path: COOLING_PATH,
  drum_surface: DRUM_SURFACE,
  pad_surface: PAD_SURFACE,
  piston_return: PISTON_RETURN,
  slide_pins: SLIDE_PINS,
  hose_swell: HOSE_SWELL,
  bleeder_position: BLEEDER_POSITION,
  wheel_cylinder: WHEEL_CYLINDER,
  fluid_look: FLUID_LOOK,
  reservoir_level: RESERVOIR_LEVEL,
};

type Props = { finding: FindingId; place?: Place; onAnswer?: () => void };

/** The states of a check as drawings to press, each with the test that tells it from its neighbour. */
export function EyeChoice({ finding, place, onAnswer }: Props) {
  const { stateOf, answer, closed } = useDesk();
  const pictures = PICTURES[finding];
  if (!pictures) return null;
  const said = stateOf('before', finding, place);
  return (
    <ul className="grid grid-cols-2 gap-2 sm:grid-cols-3">
      {findingOf(finding).states.map((state) => {
        const pressed = said === state;
        return (
          <li key={state}>
            <button
              type="button"
              aria-pressed={pressed}
              disabled={closed}
              onClick={() => {
                answer('before', finding, place, pressed ? null : state);
                if (!pressed) onAnswer?.();
              }}
              className={cn(
                'flex h-full w-full flex-col items-center gap-1 border-2 bg-card p-2 text-center hover:bg-straw-wash',
                pressed ? 'border-ink bg-straw-wash' : 'border-rule',
              )}
            >
              <svg viewBox="0 0 96 80" aria-hidden="true" className="w-28">
                {pictures[state]}
              </svg>
              <b className="font-semibold">{stateWord(finding, state)}</b>
              <span className="text-[0.9375rem] text-soft">{EYE_TESTS[finding]?.[state]}</span>
            </button>
          </li>
        );
      })}
    </ul>
  );
}

/** Whether a check has drawings. */
export function hasPictures(finding: FindingId): boolean {
  return PICTURES[finding] !== undefined;
}
