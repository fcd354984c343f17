import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { keys, type WhatIf } from './keys';
import { useStale } from './stale';

export const todayQuery = { queryKey: keys.today, queryFn: () => settle(api.GET('/api/today')) };
export const useToday = () => useQuery({ ...todayQuery, refetchInterval: 60_000 });

export const useJobs = () => useQuery({ queryKey: keys.jobs, queryFn: () => settle(api.GET('/api/jobs')) });

export const useQuantities = (job: string, ask: WhatIf) =>
  useQuery({
    queryKey: keys.quantities(job, ask),
    queryFn: () => settle(api.GET('/api/jobs/{job}/quantities', { params: { path: { job }, query: ask } })),
    placeholderData: (before) => before,
  });

export const useCards = (job: string) =>
  useQuery({
    queryKey: keys.cards(job),
    queryFn: () => settle(api.GET('/api/jobs/{job}/cards', { params: { path: { job } } })),
  });

export const useTriedCard = (job: string, body: Schemas['WorkCardBody']) =>
  useQuery({
    queryKey: keys.triedCard(job, body),
    staleTime: Infinity,
    retry: false,
    placeholderData: (before) => before,
    queryFn: () => settle(api.POST('/api/jobs/{job}/cards/try', { params: { path: { job } }, body })),
  });

export function useKeepCard(job: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['WorkCardBody']) =>
      settle(api.POST('/api/jobs/{job}/cards', { params: { path: { job } }, body })),
    onSuccess: (view) => {
      client.setQueryData(keys.cards(job), view);
    },
  });
}

export function useDropCard(job: string) {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (card: string) =>
      settle(api.DELETE('/api/jobs/{job}/cards/{card}', { params: { path: { job, card } } })),
    onSuccess: () => client.invalidateQueries({ queryKey: keys.cards(job) }),
  });
}

export const useBoard = (job: string) =>
  useQuery({
    queryKey: keys.board(job),
    queryFn: () => settle(api.GET('/api/jobs/{job}/board', { params: { path: { job } } })),
  });

export function useWithout(job: string, part: string) {
  const stale = useStale();
  return useMutation({
    mutationFn: (without: string[]) =>
      settle(api.PUT('/api/jobs/{job}/without', { params: { path: { job } }, body: { without } })),
    onSuccess: () => stale(part),
  });
}
