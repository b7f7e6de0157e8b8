import { and, desc, eq, isNotNull } from 'drizzle-orm';
import { padShareField } from '../../../core/questionnaire/answers/household-things';
import { schema, type Db } from '../../platform/db/client';

const { assessments, workforceClosings } = schema;

/**
 * What colleagues have measured of pads, as fields for someone who answers for the first time: how much of a pillow remains under people.
 * From the newest month end, which singles nobody out. Empty for someone who has answered before: their plan is built on how it was. Cost:
 * two index look-ups.
 */
export async function padShareFields(tx: Db, personId: string): Promise<Record<string, string>> {
	const earlier = await tx.$count(
		assessments,
		and(eq(assessments.personId, personId), isNotNull(assessments.answeredAt))
	);
	if (earlier > 0) return {};
	const [newest] = await tx
		.select({ parts: workforceClosings.parts })
		.from(workforceClosings)
		.where(isNotNull(workforceClosings.parts))
		.orderBy(desc(workforceClosings.on))
		.limit(1);
	const pads = newest?.parts?.pads ?? [];
	return Object.fromEntries(pads.map(({ kind, percent }) => [padShareField(kind), String(percent)]));
}
