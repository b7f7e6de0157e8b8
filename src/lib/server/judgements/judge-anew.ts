import { eq, sql } from 'drizzle-orm';
import { judge, type Judgement } from '../../core/judgement';
import type { CivilDate } from '../../core/calendar';
import { sameDocument } from '../../core/same-document';
import { RULES_IN_FORCE } from '../../core/rules';
import { checkInsAfter, isGraver } from '../../core/triage';
import { schema, type Db } from '../db/client';
import { lockPerson, type LockedPerson } from '../people/lock-person';
import { syncPolicyDays, type PolicyDays } from '../follow-ups/policy-days';
import { readFile, type ReadFile } from './read-file';

const { cases, judgements } = schema;

/** The judgement of a file, with the plan that was kept: nothing is solved. */
export function judgementOf({ file, plan }: ReadFile, person: LockedPerson): Judgement {
	return judge(file, {
		rules: RULES_IN_FORCE,
		calendar: person.place.calendar,
		plan: plan?.plan ?? null
	});
}

/** Of today alone: a case in which nothing is open says so with the day on which that was looked at. */
const withoutToday = ({ reasons, ...rest }: Judgement) => ({
	...rest,
	reasons: reasons.map(({ on, ...reason }) => (reason.code === 'nothing-open' ? reason : { ...reason, on }))
});

/** Stores a judgement, unless the newest one says the same. @returns its id */
async function store(tx: Db, person: LockedPerson, judgement: Judgement, now: Date): Promise<number> {
	const [newest] = await tx
		.select({ id: judgements.id, document: judgements.document })
		.from(cases)
		.innerJoin(judgements, eq(judgements.id, cases.judgementId))
		.where(eq(cases.personId, person.id));
	if (newest && sameDocument(withoutToday(newest.document), withoutToday(judgement))) return newest.id;
	const [made] = await tx
		.insert(judgements)
		.values({
			personId: person.id,
			at: now,
			onDay: person.place.dayOf(now),
			level: judgement.level,
			document: judgement,
			coreVersion: judgement.versions.core,
			checklistVersion: judgement.versions.checklist,
			policyVersion: judgement.versions.policy
		})
		.returning({ id: judgements.id });
	if (!made) throw new Error('An insert returned no row');
	return made.id;
}

/** The day of the check-in that is still to be asked: one that was asked and stayed unanswered is not asked again, the next one is. */
function checkInToAsk(
	judgement: Judgement,
	{ passedOver }: ReadFile,
	{ place }: LockedPerson
): CivilDate | null {
	const carriedOut = judgement.plan?.carriedOut ?? null;
	if (judgement.checkIn === null || carriedOut === null) return null;
	const from = judgement.checkIn;
	const days = checkInsAfter(carriedOut, RULES_IN_FORCE.policy, place.calendar);
	return days.find((day) => day >= from && !passedOver.includes(day)) ?? null;
}

/** Since when a case waits for a coordinator; null where nothing does. Of who has left, only what may not be lost. */
function openSince({ unseenSince }: ReadFile, { reasons }: Judgement, hasLeft: boolean): CivilDate | null {
	const open = reasons.filter(({ level, what }) =>
		hasLeft ? isGraver(level, 'soon') || what === 'question' : isGraver(level, 'home')
	);
	const days = open.map(({ on }) => on);
	if (days.length === 0 && !hasLeft && unseenSince) days.push(unseenSince);
	return days.sort()[0] ?? null;
}

/** The next day on which time alone changes something for this person. */
function dueOn(judgement: Judgement, { plan, isAsked }: ReadFile, days: PolicyDays, hasLeft: boolean) {
	if (hasLeft) return null;
	const remindOn = plan?.remindedAt ? null : (judgement.plan?.remindOn ?? null);
	return (
		[judgement.changesOn, remindOn, isAsked ? null : days['check-in'], days.recheck]
			.flatMap((day) => day ?? [])
			.sort()[0] ?? null
	);
}

/**
 * Judges a person's case anew, within the transaction of the act that may have changed it, and keeps what lists need of it. The
 * person is locked first, so that two acts at once leave what the later of them saw.
 *
 * Cost: a dozen small reads by index and at most four writes; nothing is solved.
 */
export async function judgeAnew(tx: Db, personId: string, now: Date): Promise<void> {
	const person = await lockPerson(tx, personId);
	if (!person) return;
	const read = await readFile(tx, person, now);
	const { newest, plan } = read;
	const hasLeft = person.leftAt !== null;
	const judgement = judgementOf(read, person);
	const judgementId = read.isEmpty ? null : await store(tx, person, judgement, now);
	const hasCorner = judgement.first.length > 0 && !hasLeft;
	const days = await syncPolicyDays(
		tx,
		personId,
		{
			'check-in': hasCorner ? checkInToAsk(judgement, read, person) : null,
			recheck: hasCorner ? judgement.recheck : null
		},
		now
	);
	const since = openSince(read, judgement, hasLeft);
	const values = {
		judgementId,
		level: judgement.level,
		openSince: since,
		actBy: since === null ? null : (judgement.actBy ?? null),
		openW: plan?.costPlanned ?? 0,
		followUpOn: hasLeft ? null : days.look,
		dueOn: dueOn(judgement, read, days, hasLeft),
		sentAt: newest?.sentAt ?? null,
		startedAt: newest?.startedAt ?? null,
		answeredAt: newest?.answeredAt ?? null,
		revokedAt: newest?.revokedAt ?? null,
		checksOff:
			judgement.standing.length > 0 ? judgement.standing.filter((c) => c.verdict === 'off').length : null,
		checksUnsure:
			judgement.standing.length > 0 ? judgement.standing.filter((c) => c.verdict === 'unsure').length : null,
		referredTo: read.referredTo
	};
	await tx
		.insert(cases)
		.values({ personId, ...values })
		.onConflictDoUpdate({
			target: cases.personId,
			set: {
				...values,
				// Something new opens a settled case again.
				...(since !== null ? { settledAt: null, settledReason: '' } : {}),
				version: sql`${cases.version} + 1`
			}
		});
}
