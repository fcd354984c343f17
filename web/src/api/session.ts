import { useQuery } from '@tanstack/react-query';
import { api, settle } from './client';
import { keys } from './keys';
import { setToken } from './sturdy';

export const sessionQuery = {
  queryKey: keys.session,
  queryFn: async () => {
    const session = await settle(api.GET('/api/session'));
    setToken(session.token);
    return session;
  },
  staleTime: Infinity,
};

export const useSession = () => useQuery(sessionQuery);
