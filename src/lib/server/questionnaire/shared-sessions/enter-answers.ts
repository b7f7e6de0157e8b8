import { sql } from 'drizzle-orm';
import { unitOf } from '../../../core/questionnaire/answers/fields';
import { fieldOutsideStations } from '../../../core/questionnaire/shared-session/stations';
import { LONGEST_SHARED_SESSION_MS } from '../../../core/questionnaire/shared-session/shared-session';
import { saveAnswers, type SavedAnswers } from '../assessments/save-answers';
import type { Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import type { SharedSessionParty } from './shared-session-party';

/**
 * Saves what one side enters while both look, and says so to the other with the same transaction. What a coordinator enters is marked as
 * read out. Cost: seven statements; a hundred pairs enter something every second.
 * @throws DomainError for a field that belongs to no station, and once the shared session has ended
 */
export async function enterAnswers(
	db: Db,
	{ userId, open }: Pick<SharedSessionParty, 'userId' | 'open'>,
	fields: Readonly<Record<string, string>>,
	now: Date
): Promise<SavedAnswers> {
	const outside = fieldOutsideStations(fields);
	if (outside !== null) throw new DomainError('invalid', 'notInSharedSession', `/fields/${outside}`);
	const at = now.toISOString();
	const since = new Date(now.getTime() - LONGEST_SHARED_SESSION_MS).toISOString();
	return inTransaction(db, async (tx) => {
		// It locks the person, so that nobody ends the shared session in between.
		const saved = await saveAnswers(tx, open, fields, now);
		const { rowCount } = await tx.execute(sql`
			insert into shared_session_entries (shared_session_id, field, text, unit, user_id, is_read_out, at)
			select w.id, f.key, f.value, ${unitOf(open.assessment.answers)}, ${userId}::uuid, ${userId !== null}, ${at}::timestamptz
			from shared_sessions w cross join json_each_text(${JSON.stringify(fields)}::json) f
			where w.assessment_id = ${open.assessment.id}::uuid and w.ended_at is null and w.started_at > ${since}::timestamptz
			on conflict (shared_session_id, field) do update
			set text = excluded.text, unit = excluded.unit, user_id = excluded.user_id, is_read_out = excluded.is_read_out,
				at = excluded.at`);
		if (rowCount === 0 && Object.keys(fields).length > 0)
			throw new DomainError('ended', 'sharedSessionEnded');
		return saved;
	});
}
