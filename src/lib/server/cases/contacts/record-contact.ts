import { desc, eq } from 'drizzle-orm';
import {
	SEEING_WAYS,
	type ContactNextStep,
	type ContactResult,
	type ContactWay,
	type CoordinatorLook
} from '../../../core/cases/contact';
import { acceptedDay } from '../../../core/platform/calendar/civil-date';
import { readAssessmentResult } from '../../../core/cases/case-assessment/read-assessment-result';
import type { AssessmentResult, TriageReason } from '../../../core/cases/case-assessment/assessment-result';
import type { Closable } from '../../../core/cases/case-assessment/vocabulary';
import type { FindingId } from '../../../core/questionnaire/checklist/findings';
import { isMoreUrgent } from '../../../core/cases/triage/policy';
import type { Actor } from '../../platform/actor';
import { runDeskAct, type DeskActInput } from '../../platform/acts/desk-act';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { requireCase } from '../require-case';
import { acknowledgeCase } from '../settle-case';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { DomainError } from '../../platform/domain-error';
import { tickAsTold } from '../findings/tick-finding';
import { openReferralOf } from '../referrals/open-referral';
import { setManualFollowUp } from '../follow-ups/manual-follow-up';

const { cases, contacts, assessmentResults, users } = schema;

/** An attempt to reach someone, or a conversation; with `closes`, the outcome of warning signs. */
export interface NewContact extends DeskActInput {
	readonly how: ContactWay;
	readonly result: ContactResult;
	readonly whom: string;
	readonly said: string;
	readonly closes: readonly Closable[];
	/** Hazards that the person said are put right. */
	readonly fixed: readonly FindingId[];
	readonly next: ContactNextStep | null;
	/** ISO date of the next attempt or follow-up; empty for none. */
	readonly nextOn: string;
	readonly why: string;
	/** What the author saw of the heights; empty where nobody looked. */
	readonly saw: CoordinatorLook;
}

function needOutcome({ result, whom, said, next, nextOn, why }: NewContact): void {
	if (result !== 'reached') throw new DomainError('invalid', 'signNeedsContact', '/result');
	if (whom.trim() === '') throw new DomainError('invalid', 'sayWhomYouSpokeWith', '/whom');
	if (said.trim() === '') throw new DomainError('invalid', 'sayWhatWasSaid', '/said');
	if (next === null) throw new DomainError('invalid', 'sayWhatComesNext', '/next');
	if (next === 'look' && nextOn === '') throw new DomainError('invalid', 'chooseNextLook', '/nextOn');
	if (next === 'nothing' && why.trim() === '') throw new DomainError('invalid', 'sayWhyNothingNext', '/why');
}

/** What somebody said is put right has a name beside it. */
function needTeller({ result, whom }: NewContact): void {
	if (result !== 'reached') throw new DomainError('invalid', 'fixedNeedsContact', '/result');
	if (whom.trim() === '') throw new DomainError('invalid', 'sayWhomYouSpokeWith', '/whom');
}

/** The newest assessment of a case. */
async function newestResult(tx: Db, personId: string) {
	const [row] = await tx
		.select({ document: assessmentResults.document })
		.from(cases)
		.innerJoin(assessmentResults, eq(assessmentResults.id, cases.assessmentResultId))
		.where(eq(cases.personId, personId));
	return row ? readAssessmentResult(row.document) : null;
}

/** What a look is stored as, beside what was known of those heights; nothing where nobody looked. */
function lookOf({ how, result, saw }: NewContact, known: AssessmentResult['standing']) {
	const seen = known.filter(({ id }) => saw[id]);
	if (Object.keys(saw).length === 0) return {};
	if (result !== 'reached' || !SEEING_WAYS.includes(how))
		throw new DomainError('invalid', 'lookNeedsSight', '/how');
	if (seen.length < Object.keys(saw).length) throw new DomainError('conflict', 'heightNotKnown', '/saw');
	return { saw, known: Object.fromEntries(seen.map(({ id, verdict }) => [id, verdict])) };
}

const nameOf = ({ code, sign }: TriageReason) => sign ?? code;

const isClosedBy = ({ closes, fixed }: Pick<NewContact, 'closes' | 'fixed'>, reason: TriageReason) =>
	closes.some((one) => one === nameOf(reason)) || fixed.some((one) => one === reason.finding);

/**
 * Records an attempt to reach a person, or a conversation with them. With `closes`, it is the outcome of the warning signs named there,
 * which nothing else closes; with `fixed`, hazards are ticked as the person told it. If nothing else needs acting on soon, what the person sent is dealt with too, and the case leaves the list.
 * The day of the next attempt or follow-up is saved as a follow-up.
 */
export async function recordContact(db: Db, actor: Actor, input: NewContact, now: Date): Promise<void> {
	const { personId, closes, fixed, nextOn, next } = input;
	if (closes.length > 0) needOutcome(input);
	if (fixed.length > 0) needTeller(input);
	const isClosing = closes.length > 0 || fixed.length > 0;
	if (nextOn !== '' && acceptedDay(nextOn) === null) throw new DomainError('invalid', 'noSuchDay', '/nextOn');
	await inTransaction(db, async (tx) => {
		const author = await requireCase(tx, actor, personId, 'cases:act');
		// A call that only records what was said is true whatever a colleague did in the meantime.
		const version = isClosing || nextOn !== '' ? input.version : null;
		const act = { ...input, version, kind: 'contacted' as const };
		await runDeskAct(tx, actor, act, now, async ({ rows, person, actId }) => {
			const today = person.place.dayOf(now);
			if (nextOn !== '' && nextOn < today) throw new DomainError('invalid', 'dayHasPassed', '/nextOn');
			const newest = await newestResult(tx, personId);
			const open = newest?.reasons ?? [];
			const gone = closes.find((one) => !open.some((reason) => nameOf(reason) === one));
			if (gone) throw new DomainError('conflict', 'closedAlready');
			if (next === 'referral' && !(await openReferralOf(tx, personId)))
				throw new DomainError('conflict', 'referFirst', '/next');
			await rows.insert(contacts, {
				id: actId,
				personId,
				authorId: author.id,
				at: now,
				onDay: today,
				how: input.how,
				result: input.result,
				whom: input.whom.trim(),
				said: input.said.trim(),
				closes: [...closes],
				fixed: [...fixed],
				next,
				nextOn: nextOn === '' ? null : nextOn,
				why: input.why.trim(),
				...lookOf(input, newest?.standing ?? [])
			});
			await tickAsTold({ rows, tx, person }, fixed, now);
			if (nextOn !== '')
				await setManualFollowUp(
					rows,
					tx,
					{ personId, due: nextOn, reason: closes.length > 0 ? '' : 'Call again' },
					now
				);
			const isLast = open.every((reason) => !isMoreUrgent(reason.level, 'help') || isClosedBy(input, reason));
			if (isClosing && isLast) await acknowledgeCase(rows, tx, personId, now);
			const detail = { result: input.result, closes: closes.length, fixed: fixed.length };
			await writeAuditLine(tx, actor, { at: now, act: 'contact-recorded', personId, detail });
		});
	});
}

/** The contacts with a person, newest first; served by contacts_person_idx. */
export function contactsOf(db: Db, personId: string) {
	return db
		.select({
			id: contacts.id,
			at: contacts.at,
			how: contacts.how,
			result: contacts.result,
			whom: contacts.whom,
			said: contacts.said,
			closes: contacts.closes,
			fixed: contacts.fixed,
			next: contacts.next,
			nextOn: contacts.nextOn,
			why: contacts.why,
			saw: contacts.saw,
			authorName: users.name
		})
		.from(contacts)
		.leftJoin(users, eq(users.id, contacts.authorId))
		.where(eq(contacts.personId, personId))
		.orderBy(desc(contacts.at))
		.limit(100);
}
