import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { keys } from './keys';

export const usePhotos = (part: string) =>
  useQuery({
    queryKey: keys.photos(part),
    queryFn: () => settle(api.GET('/api/parts/{part}/photos', { params: { path: { part } } })),
  });

export function useKeepPhoto(part: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['PhotoBody']) =>
      settle(api.POST('/api/parts/{part}/photos', { params: { path: { part } }, body })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.photos(part) }),
  });
}

export function useRemovePhoto(part: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (photo: string) => settle(api.DELETE('/api/photos/{photo}', { params: { path: { photo } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.photos(part) }),
  });
}
