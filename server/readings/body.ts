import { readJsonText } from '../../core/base/issues/json';
import { accept } from '../failure';

/** Many years of readings in one table are a few megabytes. */
export const LARGEST_TABLE = 24 * 1024 * 1024;

export function tableFrom(bytes: Uint8Array<ArrayBuffer>): unknown {
  return accept(readJsonText(new TextDecoder().decode(bytes), 'body'));
}
