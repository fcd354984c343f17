import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { keys } from './keys';

export type Tag = Schemas['TagView'];
export type TagBody = Schemas['TagBody'];

export const useRegister = (job: string) =>
  useQuery({
    queryKey: keys.register(job),
    queryFn: () => settle(api.GET('/api/jobs/{job}/register', { params: { path: { job } } })),
  });

export const useLabel = (code: string) =>
  useQuery({
    queryKey: keys.label(code),
    queryFn: () => settle(api.GET('/api/labels/{code}', { params: { path: { code } } })),
    retry: false,
  });

/** The whole register comes back with each change; what closes a part may have become free by it. */
function useChanged(job: string) {
  const client = useQueryClient();
  return async (view: Schemas['RegisterView']) => {
    client.setQueryData(keys.register(job), view);
    await Promise.all([
      client.invalidateQueries({ queryKey: keys.today }),
      client.invalidateQueries({ queryKey: ['part'] }),
    ]);
  };
}

export function useWriteTag(job: string) {
  const onSuccess = useChanged(job);
  return useMutation({
    mutationFn: ({ number, body }: { number: number | null; body: TagBody }) =>
      number === null
        ? settle(api.POST('/api/jobs/{job}/register', { params: { path: { job } }, body }))
        : settle(
            api.PUT('/api/jobs/{job}/register/{number}', { params: { path: { job, number: String(number) } }, body }),
          ),
    onSuccess,
  });
}

export function useTick(job: string) {
  const onSuccess = useChanged(job);
  return useMutation({
    mutationFn: ({ number, ...body }: Schemas['TickBody'] & { number: number }) =>
      settle(
        api.PUT('/api/jobs/{job}/register/{number}/tick', { params: { path: { job, number: String(number) } }, body }),
      ),
    onSuccess,
  });
}

export function useDropTag(job: string) {
  const onSuccess = useChanged(job);
  return useMutation({
    mutationFn: (number: number) =>
      settle(api.DELETE('/api/jobs/{job}/register/{number}', { params: { path: { job, number: String(number) } } })),
    onSuccess,
  });
}

export function useRestoreTag(job: string) {
  const onSuccess = useChanged(job);
  return useMutation({
    mutationFn: (number: number) =>
      settle(
        api.POST('/api/jobs/{job}/register/{number}/restore', { params: { path: { job, number: String(number) } } }),
      ),
    onSuccess,
  });
}

export function useTagPhoto(job: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: ({ number, image, caption }: { number: number; image: string; caption: string }) =>
      settle(
        api.POST('/api/jobs/{job}/register/{number}/photos', {
          params: { path: { job, number: String(number) } },
          body: { image, caption },
        }),
      ),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.register(job) }),
  });
}
