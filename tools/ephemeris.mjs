// Writes tests/vectors/ephemeris.json: where sun and moon stand, and when they rise and set, at ten places that are made up, by another
// library (VSOP87 and ELP by the book of algorithms that it follows) than the one the product uses.
//   node tools/ephemeris.mjs
import { writeFileSync } from 'node:fs';
import { base, julian, moonposition, nutation, planetposition, sidereal, solar, deltat } from 'astronomia';
import vsop87Bearth from 'astronomia/data/vsop87Bearth';

const RAD = Math.PI / 180;
const earth = new planetposition.Planet(vsop87Bearth);
const AU_KM = 149597870.7;
const EARTH_KM = 6378.14;

/** Moments of the year 2026 and after, UTC, and the places: names of nowhere. */
const PLACES = [
  ['Far Lock', 71.2, 25.8],
  ['Cold Staithe', 62.35, -114.4],
  ['Marl Ness', 55.9, -3.1],
  ['Ten Wells', 36.4, 140.1],
  ['Dry Ford', 23.1, -12.7],
  ['Low Line', 0.4, 32.5],
  ['Palm Stair', -8.6, 179.2],
  ['Red Shelf', -25.3, 131.0],
  ['West Bar', -34.2, -179.6],
  ['Storm Head', -54.8, -68.3],
];
const DAYS = ['2026-03-29', '2026-06-21', '2026-10-25', '2027-01-14'];
const HOURS = [3, 9, 15, 21];

const jdeOf = (ms) => {
  const jd = ms / 86400000 + 2440587.5;
  const { year } = julian.JDToCalendar(jd);
  return { jd, jde: jd + deltat.deltaT(year + 0.5) / 86400 };
};

function bodyAt(body, ms) {
  const { jd, jde } = jdeOf(ms);
  if (body === 'sun') {
    const { ra, dec, range } = solar.apparentEquatorialVSOP87(earth, jde);
    return { jd, ra, dec, km: range * AU_KM, radiusKm: 695700 };
  }
  const { lon, lat, range } = moonposition.position(jde);
  const [dpsi, deps] = nutation.nutation(jde);
  const eps = nutation.meanObliquity(jde) + deps;
  const l = lon + dpsi;
  const ra = Math.atan2(Math.sin(l) * Math.cos(eps) - Math.tan(lat) * Math.sin(eps), Math.cos(l));
  const dec = Math.asin(Math.sin(lat) * Math.cos(eps) + Math.cos(lat) * Math.sin(eps) * Math.sin(l));
  return { jd, ra, dec, km: range, radiusKm: 1737.4 };
}

/** Altitude as seen from the place without air, and azimuth from north. */
function seenFrom(body, lat, lon, ms) {
  const { jd, ra, dec, km, radiusKm } = bodyAt(body, ms);
  const gast = (sidereal.apparent(jd) / 86400) * 2 * Math.PI;
  const h = gast + lon * RAD - ra;
  const phi = lat * RAD;
  // the place on an ellipsoid (Meeus 11), and the body from there
  const u = Math.atan(0.99664719 * Math.tan(phi));
  const rs = 0.99664719 * Math.sin(u);
  const rc = Math.cos(u);
  const d = km / EARTH_KM;
  const x = d * Math.cos(dec) * Math.cos(h) - rc;
  const y = d * Math.cos(dec) * Math.sin(h);
  const z = d * Math.sin(dec) - rs;
  const r = Math.hypot(x, y, z);
  const H = Math.atan2(y, x);
  const D = Math.asin(z / r);
  const alt = Math.asin(Math.sin(phi) * Math.sin(D) + Math.cos(phi) * Math.cos(D) * Math.cos(H));
  const az = Math.atan2(Math.sin(H), Math.cos(H) * Math.sin(phi) - Math.tan(D) * Math.cos(phi)) + Math.PI;
  return { alt: alt / RAD, az: (az / RAD + 360) % 360, radius: Math.asin(radiusKm / EARTH_KM / r) / RAD };
}

/** The upper edge on the horizon behind the usual air: 34 minutes of arc. */
const height = (body, lat, lon, ms) => {
  const { alt, radius } = seenFrom(body, lat, lon, ms);
  return alt + radius + 34 / 60;
};
function crossings(body, lat, lon, from, to, of = height, level = 0) {
  const found = [];
  const step = 4 * 60000;
  for (let a = from; a < to; a += step) {
    let [lo, hi] = [a, a + step];
    const up = of(body, lat, lon, hi) > level;
    if (of(body, lat, lon, lo) > level === up) continue;
    while (hi - lo > 500) {
      const mid = (lo + hi) / 2;
      if (of(body, lat, lon, mid) > level === up) hi = mid;
      else lo = mid;
    }
    found.push({ at: new Date(hi).toISOString(), up });
  }
  return found;
}

const round = (x) => Math.round(x * 10000) / 10000;
const table = PLACES.map(([name, latitudeDeg, longitudeDeg]) => ({
  name,
  latitudeDeg,
  longitudeDeg,
  days: DAYS.map((day) => {
    const from = Date.parse(`${day}T00:00:00Z`);
    const to = from + 86400000;
    const at = (body, hour) => {
      const { alt, az } = seenFrom(body, latitudeDeg, longitudeDeg, from + hour * 3600000);
      return { hour, altitudeDeg: round(alt), azimuthDeg: round(az) };
    };
    return {
      day,
      sun: HOURS.map((hour) => at('sun', hour)),
      moon: HOURS.map((hour) => at('moon', hour)),
      sunCrossings: crossings('sun', latitudeDeg, longitudeDeg, from, to),
      moonCrossings: crossings('moon', latitudeDeg, longitudeDeg, from, to),
      civil: crossings(
        'sun',
        latitudeDeg,
        longitudeDeg,
        from,
        to,
        (b, la, lo, ms) => seenFrom(b, la, lo, ms).alt,
        -6,
      ),
    };
  }),
}));
writeFileSync('tests/vectors/ephemeris.json', `${JSON.stringify(table)}\n`);
