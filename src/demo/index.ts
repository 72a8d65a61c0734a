import amberGap from './amber-gap.paleseam.json?raw';
import bag from './bag.paleseam.json?raw';
import heskTerraces from './hesk-terraces.paleseam.json?raw';
import marlPan from './marl-pan.paleseam.json?raw';
import outing from './outing-marl-pan.paleseam.json?raw';
import quillRim from './quill-rim.paleseam.json?raw';
import sarratDune from './sarrat-dune.paleseam.json?raw';
import thollSaddle from './tholl-saddle.paleseam.json?raw';
import vannSnowfield from './vann-snowfield.paleseam.json?raw';

const STANDS = [marlPan, thollSaddle, heskTerraces, quillRim, amberGap, sarratDune, vannSnowfield];

/** The demo's files, the stands in the order in which they are listed; opened through the same import as any other. */
export const DEMO_FILES: readonly string[] = [...STANDS, bag, outing];

/** Addresses of the demo's pictures, by the name that their stand has for them. */
const ADDRESSES = import.meta.glob<string>('./pictures/*.jpg', {
  query: '?url',
  import: 'default',
  eager: true,
});

/** A picture of the demo, fetched from where the page itself came from; null for any other. */
export async function demoPhoto(sha256: string) {
  const pictures = STANDS.map((text) => (JSON.parse(text) as DemoFile).stand.picture);
  const picture = pictures.find((p) => p?.sha256 === sha256);
  const address = picture && ADDRESSES[`./pictures/${picture.name}`];
  if (!address) return null;
  const response = await fetch(address);
  return response.ok ? { sha256, type: picture.type, bytes: await response.arrayBuffer() } : null;
}

interface DemoFile {
  readonly stand: {
    readonly picture?: { readonly sha256: string; readonly type: string; readonly name: string };
  };
}
