import { route } from '@/server/http/route';
import { letIn } from '@/server/people/came';
import { signInByPin } from '@/server/people/signIn';

export const POST = route((request) => letIn(request, signInByPin), { open: true });
