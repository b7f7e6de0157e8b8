import { sql } from 'drizzle-orm';
import type { Db } from '../db/client';

/** What a new organisation does first, in this order; the value says whether it is done. */
export interface FirstSteps {
	readonly organisation: boolean;
	readonly cover: boolean;
	readonly crisisLine: boolean;
	readonly people: boolean;
}

/** What is left to do before the first self-assessment is sent; null once one was. Cost: five look-ups of a single row. */
export async function readFirstSteps(db: Db): Promise<FirstSteps | null> {
	const { rows } = await db.execute<{ [step in keyof FirstSteps]: boolean } & { sent: boolean }>(sql`
		select exists (select from organisation where name <> '') as organisation,
			exists (select from cover_settings where minutes is not null) as cover,
			exists (select from crisis_lines) as "crisisLine",
			exists (select from people) as people,
			exists (select from assessments) as sent`);
	const [found] = rows;
	if (!found || found.sent) return null;
	const { sent: _sent, ...steps } = found;
	return steps;
}
