export { formatCount, parseCount } from './counted-length';
export { A4_MM, CARD_MM, pixelsPerMm } from './known-lengths';
export { rulerStrips, STRIP_MM, type RulerMark, type RulerStrip } from './ruler-strips';
