import { mkdirSync, writeFileSync } from 'node:fs';
import {
  bestOfAllSets,
  bestScore,
  fitByDefinition,
  fitCases,
  pairCases,
  seatCases,
  type SearchVectors,
} from '@/testing/search-cases';

// what every seat and every cell come to, written down for the tests: some minutes
const [FITS, SEATS, PAIRS] = [16, 32, 24];
const vectors: SearchVectors = {
  fits: { drawn: FITS, stops: fitCases(FITS).map(fitByDefinition) },
  seats: { drawn: SEATS, best: seatCases(SEATS).map(bestScore) },
  pairs: { drawn: PAIRS, best: pairCases(PAIRS).map(bestOfAllSets) },
};
mkdirSync('tests/vectors', { recursive: true });
writeFileSync('tests/vectors/search.json', `${JSON.stringify(vectors, null, 2)}\n`);
