import { route } from '@/server/http/route';
import { letIn } from '@/server/people/letIn';
import { signInByPassword } from '@/server/people/signIn';

export const POST = route((request) => letIn(request, signInByPassword), { open: true });
