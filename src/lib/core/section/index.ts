export { dimensionOf, type Dimension } from './dimension-of';
export { sectionOf, type Gap, type Zone, type Level, type LevelName, type Section } from './section';
export { itemOfPiece, type DrawnPiece, type Furniture } from './furniture';
export { DRAWN_AS, type DrawnAs } from './drawn-as';
export type { Figure } from './figure';
export type { Box, Point } from './geometry';
export { RE_MEASURED_FIELDS, reMeasuredOf, type ReMeasured, type ReMeasuredField } from './re-measured';
export { idealCorner, idealOtherPosture } from './ideal-corner';
