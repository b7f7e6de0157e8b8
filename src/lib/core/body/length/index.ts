export { LENGTH_UNITS, mm, MM_PER_INCH, type LengthUnit, type Mm } from './mm';
export { parseLength, type LengthFault, type ParsedLength } from './parse-length';
export { formatLength, withDecimalMark, type LengthStyle } from './format-length';
export { formatDegrees } from './format-degrees';
