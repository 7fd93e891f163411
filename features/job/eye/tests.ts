import type { FindingId } from '@/core/readings/vocabulary/findings';

/** The test that tells one look from another, by state. Common practice, no source. */
export const EYE_TESTS: Partial<Record<FindingId, Record<string, string>>> = {
  rotor_surface: {
    smooth: 'A fingernail slides across',
    streaks: 'Colour only: the nail slides',
    rusted: 'Pits and scale where the pads run',
    grooves: 'The nail catches',
    deposits: 'Patches with an edge; sandpaper takes them off',
    heat_checked: 'Fine net, the nail does not feel it',
    cracked: 'Long, or at an edge or hole; the nail feels it',
  },
  rotor_colour: { normal: 'Grey all over', blued: 'Bands of straw, purple, blue' },
  rotor_float: {
    free: 'Moves a little and comes back',
    bound: 'Will not move by hand',
    hammered: 'Rattles; holes are long',
  },
  cooling_path: {
    core: 'Air ends inside the hat, at the vanes',
    face: 'Air is thrown at one face',
    none: 'No air is led there',
  },
  drum_surface: {
    normal: 'Even, dull',
    glazed: 'Shines like glass; a nail slides',
    oval: 'Two bores across differ; by the measuring',
    contaminated: 'Dark, wet, smells of fluid or grease',
  },
  pad_surface: {
    normal: 'Dull, open, a little grey',
    glazed: 'Shines; a file skates over it',
    contaminated: 'Dark, wet, smells of oil or fluid',
    crumbled: 'Corners gone; falls to grit under a nail',
    separated: 'Lifts off its plate, or a crack goes through',
  },
  piston_return: { free: 'Goes back by hand, evenly', stiff: 'Needs a lever, or goes crooked' },
  slide_pins: { free: 'Glides and stays', stiff: 'Jerks, or comes back rusty' },
  hose_swell: { no: 'Next to nothing under the hand', yes: 'Grows under the hand' },
  bleeder_position: { top: 'The highest point of the bore', not_top: 'Air stays above it: sides swapped' },
  wheel_cylinder: {
    free: 'Both sides push in by hand',
    stiff: 'One or both will not',
    leaking: 'Wet behind the boot',
  },
  fluid_look: {
    clear: 'Straw, the cloth stays light',
    dark: 'Brown on the cloth',
    debris: 'Specks: rubber or rust',
  },
  reservoir_level: { ok: 'Between the marks', low: 'Under the lower mark', over: 'Above the upper mark' },
};
