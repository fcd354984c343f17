import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { keys } from './keys';

export const useStore = () => useQuery({ queryKey: keys.store, queryFn: () => settle(api.GET('/api/store')) });

/** A write to the store: what comes back is the store as it is then; covers and lists are stale. */
export function useStoreWrite<B>(write: (body: B) => Promise<Schemas['StoreView'] | undefined>) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: write,
    onSuccess: async (view) => {
      if (view) client.setQueryData(keys.store, view);
      await client.invalidateQueries({
        predicate: (q) =>
          q.queryKey[0] === 'board' ||
          q.queryKey[2] === 'cover' ||
          (!view && ['store', 'part', 'catalogue'].includes(String(q.queryKey[0]))),
      });
    },
  });
}
