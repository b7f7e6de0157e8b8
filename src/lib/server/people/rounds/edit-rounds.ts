import type { BreakSchedule } from '../../../core/breaks/break-schedules';
import { eq } from 'drizzle-orm';
import { isTimeZone } from '../../../core/platform/calendar/time-zone';
import { unknownPlaceholders } from '../../../core/platform/sending';
import { ROUND_FIELDS } from '../../../messages/emails';
import type { QuestionnaireMode } from '../../../core/questionnaire/answers/fields';
import type { SittingStyle } from '../../../core/workstation/corner/vocabulary';
import { requirePermission } from '../../platform/access/require-permission';
import type { Actor } from '../../platform/actor';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { checklistVersionToSend } from '../../questionnaire/checklists/read-checklists';
import { isValidDay } from '../../platform/clock';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import type { RoundFilter } from '../../platform/db/schema/rounds';
import { DomainError } from '../../platform/domain-error';
import { lockRound } from './lock-round';

const { rounds } = schema;

export interface RoundInput {
	readonly name: string;
	readonly filter: RoundFilter;
	readonly sittingStyle: SittingStyle;
	readonly questionnaireMode: QuestionnaireMode;
	readonly breakSchedule: BreakSchedule;
	readonly subject: string;
	readonly body: string;
	readonly startsOn: string;
	readonly dueOn: string;
	readonly timeZone: string;
}

/** What a round's email says, and from when until when it runs. */
type RoundText = Pick<RoundInput, 'subject' | 'body' | 'startsOn' | 'dueOn'>;

/**
 * The text and days of a round, trimmed.
 * @throws DomainError naming the field that can't be used
 */
export function checkRoundText({ subject, body, startsOn, dueOn }: RoundText): RoundText {
	if (!isValidDay(dueOn)) throw new DomainError('invalid', 'chooseLastDay', '/dueOn');
	if (dueOn < startsOn) throw new DomainError('invalid', 'lastBeforeFirst', '/dueOn');
	if (subject.trim() === '') throw new DomainError('invalid', 'nameSubject', '/subject');
	if (body.trim() === '') throw new DomainError('invalid', 'writeLetter', '/body');
	for (const [at, text] of [
		['/subject', subject],
		['/body', body]
	] as const) {
		const unknown = unknownPlaceholders(text, ROUND_FIELDS);
		if (unknown.length > 0)
			throw new DomainError(
				'invalid',
				{ code: 'unknownFields', facts: { unknown, known: ROUND_FIELDS } },
				at
			);
	}
	return { subject: subject.trim(), body, startsOn, dueOn };
}

function checked(input: RoundInput): RoundInput {
	if (input.name.trim() === '') throw new DomainError('invalid', 'nameRound', '/name');
	if (!isValidDay(input.startsOn)) throw new DomainError('invalid', 'chooseFirstDay', '/startsOn');
	const text = checkRoundText(input);
	if (!isTimeZone(input.timeZone)) throw new DomainError('invalid', 'giveTimeZone', '/timeZone');
	return { ...input, ...text, name: input.name.trim() };
}

/** Creates a draft. Nothing is sent. */
export async function createRound(db: Db, actor: Actor, input: RoundInput, now: Date): Promise<string> {
	requirePermission(actor, 'rounds:run');
	const round = checked(input);
	return inTransaction(db, async (tx) => {
		const values = { ...round, checklistVersion: await checklistVersionToSend(tx), createdAt: now };
		const [made] = await tx.insert(rounds).values(values).returning({ id: rounds.id });
		if (!made) throw new Error('An insert returned no row');
		await writeAuditLine(tx, actor, { at: now, act: 'round-made', detail: { round: made.id } });
		return made.id;
	});
}

/** Changes a draft; a round already sent no longer changes. */
export async function changeRound(
	db: Db,
	actor: Actor,
	{ id, version, ...input }: RoundInput & { id: string; version: number }
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	const values = checked(input);
	await inTransaction(db, async (tx) => {
		const round = await lockRound(tx, id, version);
		if (round.state !== 'draft') throw new DomainError('conflict', 'roundIsOut');
		await tx
			.update(rounds)
			.set({ ...values, version: round.version + 1 })
			.where(eq(rounds.id, id));
	});
}

/**
 * Deletes a draft.
 * @throws DomainError `conflict` where it was sent, or changed by a colleague, since it was seen
 */
export async function deleteDraft(
	db: Db,
	actor: Actor,
	{ id, version }: { readonly id: string; readonly version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'rounds:run');
	await inTransaction(db, async (tx) => {
		const round = await lockRound(tx, id, version);
		if (round.state !== 'draft') throw new DomainError('conflict', 'roundIsOut');
		await tx.delete(rounds).where(eq(rounds.id, id));
		await writeAuditLine(tx, actor, { at: now, act: 'round-draft-deleted', detail: { round: id } });
	});
}
