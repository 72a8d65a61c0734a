/** What Pale Seam is made of. */
export function AboutPart() {
  return (
    <section aria-labelledby="about" className="space-y-3">
      <h2 id="about" className="text-lg font-semibold">
        Licences
      </h2>
      <p className="text-quiet">
        Pale Seam is under the MIT licence. The fonts, libraries and decoders that ship with it have{' '}
        <a
          href="/licences.txt"
          target="_blank"
          rel="noreferrer"
          className="inline-flex min-h-11 items-center text-action underline underline-offset-2"
        >
          licences of their own
        </a>
        .
      </p>
    </section>
  );
}
