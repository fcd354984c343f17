import { useMutation, useQueries, useQuery, useQueryClient } from '@tanstack/react-query';
import { api, settle, type Schemas } from './client';
import { inLine } from './inLine';
import { keys } from './keys';

export const useCatalogue = () =>
  useQuery({ queryKey: keys.catalogue, queryFn: () => settle(api.GET('/api/catalogue')), staleTime: Infinity });

export const useTelling = (signs: Record<string, string>, enabled: boolean) =>
  useQuery({
    queryKey: keys.telling(signs),
    enabled,
    queryFn: () => settle(api.GET('/api/telling', { params: { query: signs as never } })),
  });

export const useFilms = (substrate: string) =>
  useQuery({
    queryKey: keys.films(substrate),
    staleTime: Infinity,
    enabled: substrate !== '',
    queryFn: () => settle(api.GET('/api/compatibility/{substrate}', { params: { path: { substrate } } })),
  });

export const useVerdictRows = (substrate: string, below: string[]) =>
  useQueries({
    queries: below.map((b) => ({
      queryKey: keys.verdicts(substrate, b),
      staleTime: Infinity,
      queryFn: () =>
        inLine(() =>
          settle(api.GET('/api/compatibility/{substrate}/{below}', { params: { path: { substrate, below: b } } })),
        ),
    })),
  });

export const useVerdict = (substrate: string, below: string, above: string) =>
  useQuery({
    queryKey: keys.verdict(substrate, below, above),
    staleTime: Infinity,
    enabled: above !== '',
    queryFn: () =>
      settle(
        api.GET('/api/compatibility/{substrate}/{below}/{above}', { params: { path: { substrate, below, above } } }),
      ),
  });

export const useOwnCatalogue = () =>
  useQuery({ queryKey: keys.ownCatalogue, queryFn: () => settle(api.GET('/api/workshop/catalogue')) });

export const useCheckOwn = (text: string) =>
  useQuery({
    queryKey: keys.checkedOwn(text),
    staleTime: Infinity,
    placeholderData: (before) => before,
    queryFn: () => settle(api.POST('/api/workshop/catalogue/check', { body: { text } })),
  });

export function useSaveOwn() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (body: Schemas['OwnCatalogueBody']) => settle(api.PUT('/api/workshop/catalogue', { body })),
    onSuccess: () => client.invalidateQueries(),
  });
}
