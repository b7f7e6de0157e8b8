import { checklistItem } from './item';
import { ITEMS_2 } from './items-2';

const AIR = checklistItem('light', 'air', { still: null, 'at-my-face': 'dry-air' });

/** The question after which air is asked about. */
const BEFORE_AIR = 'evening';

type Item3 = (typeof ITEMS_2)[number] | typeof AIR;

/** The questions of version 3: those of version 2, and what dries the eyes. Common practice. */
export const ITEMS_3 = ITEMS_2.flatMap((one): readonly Item3[] =>
	one.id === BEFORE_AIR ? [one, AIR] : [one]
);
