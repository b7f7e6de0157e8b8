/** Smallest and largest accepted value of each length of the workstation document, mm; the one table of these limits. */
export const CORNER_BOUNDS = {
	stature: [1200, 2300],
	heel: [0, 120],
	bodyLength: [50, 2300],
	surfaceHeight: [300, 1500],
	surfaceThickness: [1, 300],
	surfaceDepth: [100, 2000],
	seatHeight: [150, 1100],
	seatGive: [0, 150],
	seatDepth: [200, 800],
	armrest: [0, 1100],
	footBar: [50, 700],
	trayThickness: [5, 100],
	topAboveBase: [50, 1200],
	visibleHeight: [50, 900],
	distance: [100, 2500],
	homeRow: [1, 150],
	side: [1, 3000],
	count: [1, 200]
} as const satisfies Record<string, readonly [number, number]>;

/** Most kinds of household items in one document; far above any home, so that a mistake can't flood the solver. */
export const MAX_HOUSEHOLD_ITEMS = 500;

/** Longest label of an item, in characters. */
export const MAX_LABEL_CHARS = 120;
