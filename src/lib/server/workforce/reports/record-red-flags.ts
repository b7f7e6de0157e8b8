import { and, eq, inArray, isNull } from 'drizzle-orm';
import type { RedFlag } from '../../../core/cases/discomfort/red-flags';
import { schema, type Db } from '../../platform/db/client';

const { reportedSigns } = schema;

/**
 * Records the warning signs that a person reports now. One already open is not reported twice; one left out is recorded as taken back, and
 * still stays open until its outcome.
 * @returns whether anything is new
 */
export async function recordRedFlags(
	tx: Db,
	personId: string,
	signs: readonly RedFlag[],
	now: Date
): Promise<boolean> {
	const standing = await tx
		.select({ sign: reportedSigns.sign })
		.from(reportedSigns)
		.where(and(eq(reportedSigns.personId, personId), isNull(reportedSigns.takenBackAt)));
	const known = new Set(standing.map(({ sign }) => sign));
	const gone = [...known].filter((sign) => !signs.includes(sign));
	if (gone.length > 0)
		await tx
			.update(reportedSigns)
			.set({ takenBackAt: now })
			.where(
				and(
					eq(reportedSigns.personId, personId),
					isNull(reportedSigns.takenBackAt),
					inArray(reportedSigns.sign, gone)
				)
			);
	const fresh = signs.filter((sign) => !known.has(sign));
	if (fresh.length > 0)
		await tx.insert(reportedSigns).values(fresh.map((sign) => ({ personId, sign, at: now })));
	return gone.length + fresh.length > 0;
}
