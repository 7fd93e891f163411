import { route } from '@/server/http/route';
import { letIn } from '@/server/people/letIn';
import { signInByPin } from '@/server/people/signIn';

export const POST = route((request) => letIn(request, signInByPin), { open: true });
