// sun-altitude.ts and sky-day.ts are imported by their own paths, so that their astronomy library loads only where it is used
export {
  beamLux,
  domeLux,
  forecastRange,
  type ForecastRange,
  groundEv,
  levelLuxPerZenithCandela,
  SKY_STATES,
  skyEv,
  skyEvs,
  type SkyPlace,
  type SkyState,
} from './coming-light';
export { daylightLux, fallPerMinute, overcastSpan, roughSunAltitudeDeg } from './daylight';
export { type LandAt, type LandCrossing, landCrossings } from './over-land';
export { type Place } from './place';
export {
  angleBetweenDeg,
  type CameraView,
  darkenedSky,
  darkestAxisDeg,
  directionOfPoint,
  polarisedFrame,
  type PolarisedFrame,
  polarisedSky,
  SKY_CLARITY,
  type SkyDirection,
} from './polarised-sky';
export { type Span, type Tide, tideAt, tideSpans, type TideTurn } from './tide';
export { brewsterFromSurfaceDeg, glareLeft, mirrorLossStops, waterReflectance } from './water';
