import { CAUSES, type CauseId } from './causes';

const byId = new Map<string, (typeof CAUSES)[number]>(CAUSES.map((cause) => [cause.id, cause]));

/** What the shop calls a cause. */
export function causeLabel(id: CauseId | string): string {
  return byId.get(id)?.label ?? id;
}
