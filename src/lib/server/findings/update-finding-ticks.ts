import { and, eq, inArray } from 'drizzle-orm';
import { checklistField, type Answers } from '../../core/answers';
import { checklistOf } from '../../core/checklist';
import { schema, type Db } from '../db/client';

const { findingTicks } = schema;

/** A self-assessment whose answers change. */
interface Answered {
	readonly id: string;
	readonly checklistVersion: number;
	readonly answers: Answers;
}

/**
 * Takes in that questions of the checklist are answered again after the answers were sent: what the person says of a problem counts at once, as
 * their plan shows it at once. A tick of before was of another answer: a problem that is told again is open again.
 *
 * @param fields the fields that are saved
 * @returns whether anything has changed that a judgement reads
 */
export async function updateFindingTicks(
	tx: Db,
	{ id, checklistVersion, answers }: Answered,
	fields: Answers
): Promise<boolean> {
	const items = checklistOf(checklistVersion)?.items ?? [];
	const anew = items.filter((item) => {
		const said = fields[checklistField(item.id)];
		return said !== undefined && said !== answers[checklistField(item.id)];
	});
	const shown = anew.flatMap(
		(item) => item.answers.find((answer) => answer.id === fields[checklistField(item.id)])?.finding ?? []
	);
	if (shown.length > 0)
		await tx
			.delete(findingTicks)
			.where(and(eq(findingTicks.assessmentId, id), inArray(findingTicks.finding, shown)));
	return anew.length > 0;
}
