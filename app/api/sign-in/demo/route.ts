import { route } from '@/server/http/route';
import { letIn } from '@/server/people/came';
import { signInToDemo } from '@/server/people/signIn';

export const POST = route((request) => letIn(request, signInToDemo), { open: true });
