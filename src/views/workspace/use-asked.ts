import { useEffect, useState } from 'react';
import { type JobKind, type Jobs } from '@/workers';
import { useWorkspace } from '../shared/workspace-context';

/** What came of something that a worker was asked. */
export interface Asked<K extends JobKind> {
  /** The answer to what is asked now; null while there is none. */
  readonly output: Jobs[K]['output'] | null;
  /** Why none came. */
  readonly fault: string | null;
}

const NOTHING = { output: null, fault: null };

/**
 * Asks a worker of its own for something, again whenever the key changes, and shows its answer only beside the key that it was
 * asked for. The worker is let go with the part that asks.
 *
 * @param key what the answer depends on; null asks nothing
 * @param delayMs waited before it is asked, so that a hand may rest first
 */
export function useAsked<K extends JobKind>(
  kind: K,
  input: () => Jobs[K]['input'],
  key: unknown,
  delayMs = 0,
): Asked<K> {
  const { clients } = useWorkspace();
  const [client] = useState(() => clients[kind]());
  const [answer, setAnswer] = useState<Asked<K> & { readonly key: unknown }>({ ...NOTHING, key: null });
  useEffect(() => () => client.dispose(), [client]);
  useEffect(() => {
    if (key === null) return;
    let isOn = true;
    const timer = setTimeout(() => {
      void client.request(input()).then((result) => {
        if (!isOn || result.type === 'replaced') return;
        setAnswer(
          result.type === 'done'
            ? { output: result.output, fault: null, key }
            : { output: null, fault: result.message, key },
        );
      });
    }, delayMs);
    return () => {
      isOn = false;
      clearTimeout(timer);
    };
    // the key says what the input depends on
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [client, key, delayMs]);
  return key !== null && answer.key === key ? answer : NOTHING;
}
