import { route } from '@/server/http/route';
import { letIn } from '@/server/people/letIn';
import { makeFirstOwner } from '@/server/people/signIn';

export const POST = route((request) => letIn(request, makeFirstOwner), { open: true });
