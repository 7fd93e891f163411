import { route } from '@/server/http/route';
import { conditionOf } from '@/server/simulated/condition';

export const GET = route<{ id: string }>(async (_request, { id }) => conditionOf(id));
