import { closeSync, fsyncSync, openSync, renameSync, rmSync, writeSync } from 'node:fs';
import { dirname } from 'node:path';

/** Puts a text in a file at once: a reader finds the old one or the new one, never half of it. */
export function writeWhole(file: string, text: string): void {
  const beside = `${file}.${process.pid}.new`;
  const fd = openSync(beside, 'w', 0o600);
  try {
    try {
      writeSync(fd, text);
      fsyncSync(fd);
    } finally {
      closeSync(fd);
    }
    renameSync(beside, file);
  } catch (error) {
    rmSync(beside, { force: true });
    throw error;
  }
}

/** Gives a finished file its name, after what is in it has reached the disk. */
export function nameWhole(finished: string, file: string): void {
  syncPath(finished);
  renameSync(finished, file);
  syncPath(dirname(file));
}

function syncPath(path: string): void {
  const fd = openSync(path, 'r');
  try {
    fsyncSync(fd);
  } finally {
    closeSync(fd);
  }
}
