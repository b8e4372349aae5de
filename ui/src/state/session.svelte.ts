import { api, Refusal, take, type Me } from '../api/client';
import { queryClient } from './queries';

/** Who is signed in: unknown until asked, then somebody or nobody. */
export const session = $state<{ me: Me | null; asked: boolean }>({ me: null, asked: false });

export async function askWhoIsSignedIn(): Promise<void> {
  try {
    session.me = await take(api.GET('/me'));
  } catch (error) {
    if (!(error instanceof Refusal) || error.status !== 401) throw error;
    session.me = null;
  } finally {
    session.asked = true;
  }
}

export function signedIn(me: Me): void {
  queryClient.clear();
  session.me = me;
}

export async function signOut(): Promise<void> {
  await take(api.DELETE('/session'));
  session.me = null;
  queryClient.clear();
}
