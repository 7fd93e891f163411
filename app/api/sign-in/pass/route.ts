import { route } from '@/server/http/route';
import { letIn } from '@/server/people/letIn';
import { signInByPass } from '@/server/people/signIn';

export const POST = route((request) => letIn(request, signInByPass), { open: true });
