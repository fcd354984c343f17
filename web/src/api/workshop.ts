import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { keys } from './keys';

export const useWorkshop = () => useQuery({ queryKey: keys.workshop, queryFn: () => settle(api.GET('/api/workshop')) });

export function useSaveWorkshop() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['WorkshopBody']) => settle(api.PUT('/api/workshop', { body })),
    onSuccess: async (view) => {
      client.setQueryData(keys.workshop, view);
      await client.invalidateQueries({
        predicate: (q) => q.queryKey[0] !== 'workshop' && q.queryKey[0] !== 'session' && q.queryKey[0] !== 'catalogue',
      });
    },
  });
}

export const useGear = () => useQuery({ queryKey: keys.gear, queryFn: () => settle(api.GET('/api/workshop/gear')) });

/** What the yard has; routes nobody has touched are planned again with it. */
export function useSaveGear() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['GearBody']) => settle(api.PUT('/api/workshop/gear', { body })),
    onSuccess: async (view) => {
      client.setQueryData(keys.gear, view);
      await client.invalidateQueries({
        predicate: (q) => !['workshop', 'session', 'catalogue', 'gear'].includes(String(q.queryKey[0])),
      });
    },
  });
}
