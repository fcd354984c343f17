import { useQuery } from '@tanstack/react-query';
import { api, settle } from '../api/client';
import { keys } from '../api/keys';
import { usePaused } from './usePaused';

/** What the server reads in a quantity as it is typed, once the hand pauses; empty while nothing can be read. */
export function useUnderstood(of: string | undefined, typed: string): string {
  const paused = usePaused(typed);
  const asked = useQuery({
    queryKey: keys.understood(of, paused),
    enabled: of !== undefined && paused !== '',
    retry: false,
    staleTime: Infinity,
    queryFn: () => settle(api.GET('/api/understood', { params: { query: { of: of ?? '', typed: paused } } })),
  });
  if (!asked.data || paused !== typed.trim()) return '';
  return asked.data.note ? `${asked.data.text} (${asked.data.note})` : asked.data.text;
}
