import { useEffect, useState } from 'react';
import { bagAtLens, bagForStand } from '@/model';
import { type Card } from '@/render/card/card';
import { type StandSummary } from '@/store';
import { bagAs } from '@/words';
import { useBag, usePreferences, useWorkspace } from '../shared/workspace-context';

/** Cards of stands in their order; one that is being worked out is undefined, one that could not be is null. */
export type Cards = readonly (Card | null | undefined)[];

/** Works out the cards of stands beside the page, one after another, and again when a stand or the bag has changed. */
export function useCards(stands: readonly StandSummary[]): Cards {
  const { workspace, clients } = useWorkspace();
  const own = useBag();
  const seatBy = usePreferences((p) => p.seatBy);
  const ndGoes = usePreferences((p) => p.ndGoes);
  const strengthsAs = usePreferences((p) => p.strengthsAs);
  const [cards, setCards] = useState<Cards>([]);
  const [client] = useState(() => clients.card());
  // which stands they are, and whether one has changed
  const asked = stands.map(({ id, updatedAt }) => `${id} ${updatedAt}`).join('\n');
  useEffect(() => {
    let isOver = false;
    const workOut = async () => {
      for (const [i, { document }] of stands.entries()) {
        const sha256 = document.stand.picture?.sha256;
        const photo = sha256 ? await workspace.findPhoto(sha256).catch(() => null) : null;
        if (isOver) return;
        const bag = bagAs(bagAtLens(document.stand, bagForStand(document, own)), strengthsAs);
        const result = await client.request({
          stand: document.stand,
          bag,
          photo,
          seatBy,
          ndGoes,
          nowMs: Date.now(),
        });
        if (isOver) return;
        const card = result.type === 'done' ? result.output : null;
        setCards((before) => stands.map((_, at) => (at === i ? card : before[at])));
      }
    };
    void workOut();
    return () => {
      isOver = true;
    };
    // eslint-disable-next-line react-hooks/exhaustive-deps
  }, [asked, own, seatBy, ndGoes, strengthsAs, client, workspace]);
  useEffect(() => () => client.dispose(), [client]);
  return cards;
}
