import { route } from '@/server/http/route';
import { signOutEverywhere } from '@/server/people/actions';

export const POST = route<{ id: string }>(async (_request, { id }) => signOutEverywhere(id));
