import { stopsText } from '../figures/figures';

/** What a camera's histogram says against the plan's: "the sky is half a stop brighter than planned, the land as planned". */
export function histogramText({ sky, land }: { readonly sky: number; readonly land: number }): string {
  const of = (name: string, stops: number) =>
    stops === 0
      ? `${name} as planned`
      : `${name} ${stopsText(Math.abs(stops))} ${stops > 0 ? 'brighter' : 'darker'} than planned`;
  if (sky === land)
    return sky === 0
      ? 'As planned.'
      : `All of it ${stopsText(Math.abs(sky))} ${sky > 0 ? 'brighter' : 'darker'} than planned.`;
  return `The ${of('sky', sky)}; the ${of('land', land)}.`;
}
