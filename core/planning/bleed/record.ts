import type { RecordField } from '../run/step';

/** What came out at a bleeder, seen in the hose. */
export const COLOUR: RecordField = {
  id: 'colour',
  label: 'Came out',
  kind: 'choice',
  options: [
    { value: 'clear', label: 'Clear' },
    { value: 'amber', label: 'Amber' },
    { value: 'dark', label: 'Dark' },
    { value: 'dirt', label: 'With dirt' },
  ],
};

/** Bubbles on the way, before it ran clear. */
export const BUBBLES: RecordField = {
  id: 'bubbles',
  label: 'Bubbles on the way',
  kind: 'choice',
  options: [
    { value: 'none', label: 'None' },
    { value: 'few', label: 'A few' },
    { value: 'many', label: 'Many' },
  ],
};
