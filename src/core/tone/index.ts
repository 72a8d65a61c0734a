export { endsOf, histogramOf, placeOfTone, toneAtPlace } from './histogram';
export { type ComparedCell, compareShot, type Comparison } from './compare';
