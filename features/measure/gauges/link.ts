/**
 * A line to an instrument, whatever it runs over. The desk asks and listens; it does not know whether a real gauge or a
 * stand-in answers.
 */
export type Link = {
  /** Sends characters as they are. */
  write: (text: string) => Promise<void>;
  /** Told of every chunk that arrives, cut anywhere. */
  onChunk: (listener: (chunk: string) => void) => void;
  /** Told when the line is gone: unplugged, closed, broken. */
  onGone: (listener: (why: string) => void) => void;
  close: () => void;
};

/** Speed of the line, baud; docs/instruments.md. */
export const BAUD_RATE = 9600;
