import { Plain } from './say';

const WHY: Readonly<Record<string, string>> = {
  ENOENT: 'there is no such file or folder',
  EISDIR: 'it is a folder',
  ENOTDIR: 'what it lies in is no folder',
  EACCES: 'that is not allowed here',
  EPERM: 'that is not allowed here',
  EROFS: 'the disk is read-only',
  ENOSPC: 'the disk is full',
  EDQUOT: 'the disk is full for this user',
  EFBIG: 'it is larger than files may be here',
  ENAMETOOLONG: 'its name is too long',
};

/**
 * Does something with a file that somebody named; what the machine has against it is said in one line.
 * @throws Plain naming the file, and why it cannot be done
 */
export function withNamed<T>(file: string, done: 'read' | 'written', work: () => T): T {
  try {
    return work();
  } catch (error) {
    const { code, message } = error as NodeJS.ErrnoException;
    if (code === undefined) throw error;
    throw new Plain(`${file} cannot be ${done}: ${WHY[code] ?? message}`);
  }
}
