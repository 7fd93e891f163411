import { route } from '@/server/http/route';
import { letIn } from '@/server/people/letIn';
import { signInToDemo } from '@/server/people/signIn';

export const POST = route((request) => letIn(request, signInToDemo), { open: true });
