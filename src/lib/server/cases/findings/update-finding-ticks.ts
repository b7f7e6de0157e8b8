import { and, eq, inArray } from 'drizzle-orm';
import { checklistField } from '../../../core/questionnaire/answers/checklist-fields';
import type { Answers } from '../../../core/questionnaire/answers/fields';
import { checklistAt } from '../../questionnaire/checklists/read-checklists';
import { schema, type Db } from '../../platform/db/client';

const { findingTicks } = schema;

/** A self-assessment whose answers change. */
interface Answered {
	readonly id: string;
	readonly checklistVersion: number;
	readonly answers: Answers;
}

/**
 * Handles checklist questions answered again after submission: what the person says about a problem counts at once, as their plan shows it
 * at once. An earlier tick was about a different answer: a problem reported again is open again.
 * @param fields the saved fields
 * @returns whether anything that an assessment reads has changed
 */
export async function updateFindingTicks(
	tx: Db,
	{ id, checklistVersion, answers }: Answered,
	fields: Answers
): Promise<boolean> {
	const { items } = await checklistAt(tx, checklistVersion);
	const fresh = items.filter((item) => {
		const said = fields[checklistField(item.id)];
		return said !== undefined && said !== answers[checklistField(item.id)];
	});
	const shown = fresh.flatMap(
		(item) => item.answers.find((answer) => answer.id === fields[checklistField(item.id)])?.finding ?? []
	);
	if (shown.length > 0)
		await tx
			.delete(findingTicks)
			.where(and(eq(findingTicks.assessmentId, id), inArray(findingTicks.finding, shown)));
	return fresh.length > 0;
}
