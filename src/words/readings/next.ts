import { type NextReading, type Stand } from '@/model';
import { ageText } from '../figures/figures';
import { sideNames } from '../figures/sides';
import { capital, spotNames } from '../figures/spots';

/** Which reading to take next, and why. */
export function nextReadingText(next: NextReading, stand: Stand): string {
  const names = sideNames(stand);
  const named = spotNames(stand.readings);
  switch (next.code) {
    case 'unread':
      return next.role === 'land'
        ? 'The land, where it matters most: the exposure is placed by it.'
        : `The ${names.sky}: a middling part of it, clear of the line.`;
    case 'to-hold':
      return `The brightest part of the ${names.sky} that must keep detail, to be held?`;
    case 'stale':
      return `${capital(named(next.reading.id))} again: it is ${ageText(next.minutes)} old, and two looks tell how fast the light goes.`;
    case 'feature':
      return `The ${next.shape.name ?? 'feature'}: its own light decides which glass is best.`;
    case 'deciding':
      return `${capital(named(next.reading.id))} once more: it decides which glass is best.`;
  }
}

/** The same in two or three words, for the frame. */
export function nextReadingNote(next: NextReading, stand: Stand): string {
  const names = sideNames(stand);
  const named = spotNames(stand.readings);
  switch (next.code) {
    case 'unread':
      return `next: the ${next.role === 'land' ? 'land' : names.sky}`;
    case 'to-hold':
      return 'next: the brightest, to hold';
    case 'feature':
      return `next: the ${next.shape.name ?? 'feature'}`;
    case 'stale':
    case 'deciding':
      return `next: ${named(next.reading.id)} again`;
  }
}
