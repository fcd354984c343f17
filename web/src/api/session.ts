import { useQuery } from '@tanstack/react-query';
import { api, settle } from './client';
import { keys } from './keys';
import { setToken } from './sturdy';

export function useSession() {
  return useQuery({
    queryKey: keys.session,
    queryFn: async () => {
      const session = await settle(api.GET('/api/session'));
      setToken(session.token);
      return session;
    },
    staleTime: Infinity,
  });
}
