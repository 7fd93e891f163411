/** What a car has of its own at the work, as somebody wrote it down once: sizes, points, clips. */
export const SHEET_NOTES = {
  lift: { label: 'Lifted at, stands at', example: 'Front subframe, rear beam' },
  wheel: { label: 'Wheel bolts or nuts', example: '19 mm socket, locking key in the boot' },
  bleeder: { label: 'Bleeder spanner', example: '11 mm ring front, 9 mm rear' },
  union: { label: 'Pipe and hose unions', example: '11 mm flare' },
  caliper: { label: 'Caliper and slide bolts', example: '13 mm, hold the pin with 15 mm' },
  pads: { label: 'Pad pins and clips', example: 'Spring clip inside, arrow forward' },
  reservoir: { label: 'Reservoir and cap', example: 'Strainer clips out; 0.5 l to the mark' },
  service: { label: 'Service mode', example: 'By the menu, ignition on' },
} as const;

export type SheetNote = keyof typeof SHEET_NOTES;
export const SHEET_NOTE_IDS = Object.keys(SHEET_NOTES) as SheetNote[];

/** So long a note may be. */
export const MOST_NOTE = 160;
