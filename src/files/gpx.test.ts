/** @jest-environment jsdom */
import { gpx } from '@tmcw/togeojson';
import fc from 'fast-check';
import { valueOf } from '@/testing/results';
import { type GpxPoint, readGpx, writeGpx } from './gpx';

const POINTS: readonly GpxPoint[] = [
  { name: 'Marl Pan', latitudeDeg: 56.02, longitudeDeg: -3.1, notes: 'Firm sand; left of the posts' },
  { name: 'Tholl & Sons <gap>', latitudeDeg: -41, longitudeDeg: 179.9999 },
];
const HEAD = '<?xml version="1.0"?><gpx version="1.1" xmlns="http://www.topografix.com/GPX/1/1">';

/** The places as another library reads them. */
const readElsewhere = (text: string) =>
  gpx(new DOMParser().parseFromString(text, 'text/xml')).features.map((f) => [
    f.properties!.name as string,
    ...(f.geometry as { coordinates: number[] }).coordinates,
  ]);

describe('places as GPX', () => {
  it('are read by another library where they are, by their names', () => {
    expect(readElsewhere(writeGpx('March', POINTS))).toEqual([
      ['Marl Pan', -3.1, 56.02],
      ['Tholl & Sons <gap>', 179.9999, -41],
    ]);
  });

  it('go out as one route too, in their turn', () => {
    const text = writeGpx('Evening', POINTS, 'route');
    const [route, ...rest] = gpx(new DOMParser().parseFromString(text, 'text/xml')).features;
    expect(rest).toEqual([]);
    expect(route!.properties!.name).toBe('Evening');
    expect(route!.geometry).toEqual({
      type: 'LineString',
      coordinates: POINTS.map((p) => [p.longitudeDeg, p.latitudeDeg]),
    });
    expect(valueOf(readGpx(text)).points).toEqual(POINTS);
  });

  it('come back as they were written, whatever they are called', () => {
    expect(valueOf(readGpx(writeGpx('March', POINTS)))).toEqual({ points: POINTS, refused: [] });
    fc.assert(
      fc.property(fc.string({ unit: 'grapheme', maxLength: 60 }), (name) => {
        // eslint-disable-next-line no-control-regex
        fc.pre(!/[\u0000-\u001f]/.test(name) && name.trim() === name);
        const written = writeGpx('', [{ name, latitudeDeg: 1.5, longitudeDeg: 2 }]);
        expect(valueOf(readGpx(written)).points).toEqual([{ name, latitudeDeg: 1.5, longitudeDeg: 2 }]);
      }),
    );
  });

  it('come back wherever they are, to a centimetre: the smallest of figures too (fault 127)', () => {
    fc.assert(
      fc.property(
        fc.double({ min: -90, max: 90, noNaN: true }),
        fc.double({ min: -180, max: 180, noNaN: true }),
        (latitudeDeg, longitudeDeg) => {
          const { points, refused } = valueOf(
            readGpx(writeGpx('', [{ name: 'a', latitudeDeg, longitudeDeg }])),
          );
          expect(refused).toEqual([]);
          expect(points[0]!.latitudeDeg).toBeCloseTo(latitudeDeg, 6);
          expect(points[0]!.longitudeDeg).toBeCloseTo(longitudeDeg, 6);
        },
      ),
    );
    const elsewhere = `${HEAD}<wpt lat="1.2345678901234567" lon="-3.4e-7"/></gpx>`;
    expect(valueOf(readGpx(elsewhere)).refused).toEqual([]);
  });

  it('come in from waypoints, routes and the beginnings of tracks', () => {
    const { points } = valueOf(
      readGpx(
        `${HEAD}<wpt lat="56" lon="-3"><name>Gate</name><cmt>locked</cmt></wpt>` +
          '<rte><name>In</name><rtept lat="56.1" lon="-3.1"><name>Ford</name></rtept></rte>' +
          '<trk><name>Walk</name><trkseg><trkpt lat="56.2" lon="-3.2"><ele>4</ele></trkpt><trkpt lat="57" lon="-4"/></trkseg></trk></gpx>',
      ),
    );
    expect(points).toEqual([
      { name: 'Gate', latitudeDeg: 56, longitudeDeg: -3, notes: 'locked' },
      { name: 'Ford', latitudeDeg: 56.1, longitudeDeg: -3.1 },
      { name: 'Walk', latitudeDeg: 56.2, longitudeDeg: -3.2 },
    ]);
  });

  it('lose those that are not as the format says, with their place', () => {
    const { points, refused } = valueOf(
      readGpx(
        `${HEAD}<wpt lat="96" lon="0"/><wpt lat="1" lon="x"/><wpt lat="1" lon="2"><name>Ok</name></wpt></gpx>`,
      ),
    );
    expect(points.map((p) => p.name)).toEqual(['Ok']);
    expect(refused.map((r) => r.path)).toEqual(['wpt[0].lat', 'wpt[1].lon']);
  });

  it.each([
    ['no XML', 'hello', 'wrong-format'],
    ['another document', '<kml><Placemark/></kml>', 'wrong-format'],
    ['cut short', `${HEAD}<wpt lat="1" lon="2">`, 'wrong-format'],
    [
      'entities of its own',
      `<!DOCTYPE gpx [<!ENTITY a "aaaa"><!ENTITY b "&a;&a;">]><gpx>&b;</gpx>`,
      'not-allowed',
    ],
    ['nested without end', `${HEAD}${'<a>'.repeat(100_000)}`, 'too-deep'],
  ])('are refused by name: %s', (_, text, code) => {
    expect(readGpx(text)).toMatchObject({ ok: false, error: { code } });
  });

  it('take whatever they are given without a fault', () => {
    fc.assert(
      fc.property(fc.string({ unit: 'binary', maxLength: 300 }), (junk) => {
        const read = readGpx(`${HEAD}<wpt lat="1" lon="2"><name>${junk}</name></wpt></gpx>`);
        expect(typeof read.ok).toBe('boolean');
      }),
    );
  });
});
