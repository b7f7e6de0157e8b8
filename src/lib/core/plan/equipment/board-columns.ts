/** What a file of equipment requests can say of each, in the usual order of its columns. */
export const BOARD_COLUMNS = [
	'thing',
	'person',
	'team',
	'state',
	'since',
	'asked',
	'closes',
	'supplier',
	'order number',
	'cost',
	'currency',
	'from the store',
	'back by',
	'reason',
	'name',
	'item number',
	'deliver to'
] as const;

/** One of {@link BOARD_COLUMNS}. */
export type BoardColumn = (typeof BOARD_COLUMNS)[number];
