import type { Db } from '$lib/server/platform/db/client';
import type { FigureReader } from '$lib/server/workforce/current-figures';
import { FiguresDatabase } from '$lib/server/workforce/figures-database';

/** Where figures are read in tests: on the database itself. */
export const figureReader = (db: Db, now = new Date()): FigureReader => ({
	db,
	figures: new FiguresDatabase(db, null),
	now
});
