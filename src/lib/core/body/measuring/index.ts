export { formatCount, parseCount } from './counted-length';
export { A4_MM, BANK_CARD_MM, pixelsPerMm } from './known-lengths';
export { rulerStrips, MAX_STRIP_MM, type RulerMark, type RulerStrip } from './ruler-strips';
