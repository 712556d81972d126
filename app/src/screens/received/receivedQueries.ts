import { useMutation, useQuery, useQueryClient } from '@tanstack/react-query';
import { HANDOFF_PATH, type PairingCode, type ReceivedSummary } from '@velmo/core/handoff';
import { ownerKey } from '../../handoff/pairingSecret';

/** What comes is shown soon after it has come. */
const ASKED_MS = 2000;
const KEY = ['received'] as const;

/** The computer does not take this page for its own. */
class NotOwner extends Error {}

async function ask(path: string, method: 'GET' | 'POST' | 'DELETE'): Promise<Response> {
  const answer = await fetch(HANDOFF_PATH + path, {
    method,
    headers: { authorization: `Bearer ${ownerKey() ?? ''}` },
  });
  if (answer.status === 404) throw new NotOwner();
  if (!answer.ok) throw new Error(`answered ${answer.status}`);
  return answer;
}

/** What has come, asked again and again while the page is looked at. */
export const useReceived = () =>
  useQuery({
    queryKey: KEY,
    queryFn: async () => (await (await ask('/received', 'GET')).json()) as ReceivedSummary,
    refetchInterval: ASKED_MS,
    enabled: ownerKey() !== null,
  });

/** True where the computer's own page was asked from another. */
export const isNotOwner = (error: unknown): boolean => error instanceof NotOwner;

/** Another code, for one phone more than there are. */
export const useCode = () =>
  useMutation({
    mutationFn: async (_phones: number) =>
      (await (await ask('/codes', 'POST')).json()) as PairingCode,
  });

/** Has the computer know a phone no more. */
export function useRemovePhone() {
  const client = useQueryClient();
  return useMutation({
    mutationFn: (id: string) => ask(`/phones/${id}`, 'DELETE'),
    onSettled: () => client.invalidateQueries({ queryKey: KEY }),
  });
}
