/** Lines by who says them, and all that each suggests, in any order. */
export type Voices = Record<string, readonly (readonly [text: string, suggests: string])[]>;
