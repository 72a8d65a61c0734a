import { useState } from 'react';
import { type Bag, type CornersLost, frameOf, holdersOf, lensFits, FULL_FRAME } from '@/model';
import { ChoiceField } from '@/ui/field';
import { cornersText, holderText, lensText, thingName, BAG_TEXT } from '@/words';

/** Which holder, with its rings, goes with which lens: what the corners of the widest view lose, computed. */
export function FitsTable({ bag }: { bag: Bag }) {
  const cameras = (bag.cameras ?? []).filter((c) => !c.archived);
  const [cameraId, setCameraId] = useState<string | null>(null);
  const camera = cameras.find((c) => c.id === cameraId) ?? cameras[0];
  const rows = lensFits(bag, frameOf(camera ?? FULL_FRAME));
  if (!rows.length) return null;
  const holders = holdersOf(bag);
  return (
    <section aria-labelledby="fits" className="mt-8 space-y-3">
      <div className="flex flex-wrap items-end gap-3">
        <h2 id="fits" className="mr-auto text-lg font-semibold">
          What goes on what
        </h2>
        {cameras.length > 1 && camera && (
          <ChoiceField
            label="On"
            value={camera.id}
            options={cameras.map((c) => [c.id, thingName(c)] as const)}
            onValue={setCameraId}
          />
        )}
      </div>
      <div className="overflow-x-auto">
        <table className="w-full text-left">
          <caption className="sr-only">{BAG_TEXT.stopsCornersLoseLens}</caption>
          <thead>
            <tr className="border-b border-ink text-sm text-quiet">
              <th scope="col" className="py-1.5 pr-3 font-normal">
                Lens, at its widest
              </th>
              {holders.map((holder) => (
                <th key={holder?.id ?? ''} scope="col" className="py-1.5 pr-3 font-normal">
                  {holder ? holderText(holder) : holders.length > 1 ? 'Usual holder' : 'Holder'}
                </th>
              ))}
            </tr>
          </thead>
          <tbody>
            {rows.map(({ lens, fits }) => (
              <tr key={lens.id} className="border-b border-rule align-top">
                <th scope="row" className="py-2 pr-3 font-normal">
                  {lensText(lens)}
                  <span className="block text-sm text-quiet">{lens.shortestMm} mm</span>
                </th>
                {fits.map(({ goesOn, corners }, i) => (
                  <td key={holders[i]?.id ?? ''} className={`py-2 pr-3 ${goesOn ? '' : 'text-quiet'}`}>
                    {corners ? <Corners corners={corners} /> : 'rings not known'}
                    {!goesOn && <span className="block text-sm">not its holder</span>}
                  </td>
                ))}
              </tr>
            ))}
          </tbody>
        </table>
      </div>
      <p className="max-w-2xl text-sm text-quiet">{BAG_TEXT.computedF11Rings}</p>
    </section>
  );
}

function Corners({ corners }: { corners: CornersLost }) {
  const { main, aside } = cornersText(corners);
  return (
    <>
      <span className={main === 'clear' ? '' : 'font-semibold'}>{main}</span>
      {aside && <span className="block text-sm text-quiet">{aside}</span>}
    </>
  );
}
