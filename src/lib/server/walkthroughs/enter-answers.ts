import { sql } from 'drizzle-orm';
import { unitOf } from '../../core/answers';
import { fieldOutsideStations } from '../../core/walkthrough';
import { saveAnswers, type SavedAnswers } from '../assessments/save-answers';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { requireOpenWalkthrough } from './open-walkthrough';
import type { WalkthroughParty } from './walkthrough-party';

const { walkthroughEntries } = schema;

/**
 * Saves what one side enters while both look, and says so to the other with the same transaction. What a coordinator enters is marked as
 * read out.
 * @throws DomainError for a field that belongs to no station, and once the walkthrough has ended
 */
export async function enterAnswers(
	db: Db,
	{ userId, open }: WalkthroughParty,
	fields: Readonly<Record<string, string>>,
	now: Date
): Promise<SavedAnswers> {
	const outside = fieldOutsideStations(fields);
	if (outside !== null) throw new DomainError('invalid', 'notInWalkthrough', `/fields/${outside}`);
	return inTransaction(db, async (tx) => {
		const { id } = await requireOpenWalkthrough(tx, open.actor.personId, now);
		const entries = Object.entries(fields).map(([field, text]) => ({
			walkthroughId: id,
			field,
			text,
			unit: unitOf(open.assessment.answers),
			userId,
			isReadOut: userId !== null,
			at: now
		}));
		if (entries.length > 0)
			await tx
				.insert(walkthroughEntries)
				.values(entries)
				.onConflictDoUpdate({
					target: [walkthroughEntries.walkthroughId, walkthroughEntries.field],
					set: {
						text: sql`excluded.text`,
						unit: sql`excluded.unit`,
						userId: sql`excluded.user_id`,
						isReadOut: sql`excluded.is_read_out`,
						at: sql`excluded.at`
					}
				});
		return saveAnswers(tx, open, fields, now);
	});
}
