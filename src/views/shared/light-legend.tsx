/** Which line of a drawing of light is the sky's, and which the land's. */
export function LightLegend() {
  return (
    <>
      <span>
        <span aria-hidden className="mr-1.5 inline-block w-6 border-t-[3px] border-sky align-middle" />
        sky
      </span>
      <span>
        <span
          aria-hidden
          className="mr-1.5 inline-block w-6 border-t-[3px] border-dashed border-land align-middle"
        />
        land
      </span>
    </>
  );
}
