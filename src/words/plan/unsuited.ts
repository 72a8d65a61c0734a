import { type Instead, type Misfit, type Unsuited } from '@/model';
import { stopsFigure, stopsText } from '../figures/figures';
import { otherSide, type SideNames } from '../figures/sides';
import { placeText } from './reasons';

/** That no sheet suits, by what with the best, and what would: "no sheet suits this skyline: a line of 1.2 stops across …". */
export function unsuitedText({ by, instead }: Unsuited, brighter: 'sky' | 'land', names: SideNames): string {
  const what = by?.kind === 'weak' || by?.kind === 'strong' ? 'span' : 'skyline';
  const miss = by ? `: ${misfitText(by, names[brighter])}` : '';
  return `no sheet suits this ${what}${miss}; ${insteadText(instead, names[otherSide(brighter)])}`;
}

function misfitText(by: Misfit, brighter: string): string {
  switch (by.kind) {
    case 'line':
      return `a line of ${stopsText(by.spot.stops)} across ${placeText(by.spot)}`;
    case 'dark':
      return `${stopsText(by.spot.stops)} off ${placeText(by.spot)}`;
    case 'weak':
      return `the ${brighter} left ${stopsFigure(by.stops)} too bright`;
    case 'strong':
      return `the ${brighter} made ${stopsFigure(by.stops)} too dark`;
    case 'uneven':
      return `${stopsText(by.stops)} of unevenness`;
  }
}

function insteadText(instead: Instead, darker: string): string {
  switch (instead.kind) {
    case 'lift':
      return `one frame without glass holds it, the ${darker} lifted ${stopsText(instead.stops)}`;
    case 'bracket':
      return `a bracket of ${instead.frames} or another framing does`;
    case 'none':
      return 'another framing may';
  }
}
