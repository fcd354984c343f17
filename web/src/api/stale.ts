import { useQueryClient } from '@tanstack/react-query';
import { keys } from './keys';

/** Everything that was worked out from a part is stale once the part changes. */
export function useStale() {
  const client = useQueryClient();
  return async (part: string, keep: string[] = []) => {
    await Promise.all([
      client.invalidateQueries({
        predicate: (q) => q.queryKey[0] === 'part' && q.queryKey[1] === part && !keep.includes(String(q.queryKey[2])),
      }),
      client.invalidateQueries({ queryKey: keys.today }),
      client.invalidateQueries({ queryKey: keys.boards }),
      client.invalidateQueries({ queryKey: keys.store }),
      client.invalidateQueries({ queryKey: keys.jobs }),
    ]);
  };
}
