import { and, eq, inArray, isNotNull, notInArray } from 'drizzle-orm';
import type { RedFlag } from '../../../core/cases/discomfort/red-flags';
import type { TriageReason } from '../../../core/cases/case-assessment/assessment-result';
import { writeAuditLine } from '../../platform/audit/write-audit-line';
import { schema, type Db } from '../../platform/db/client';
import { inTransaction } from '../../platform/db/transaction';
import { reassessCase, assessmentResultOf } from '../../cases/case-assessments/reassess-cases';
import { loadCaseRecord } from '../../cases/case-assessments/load-case-record';
import { requirePerson } from '../../people/lock-person';
import { readRules } from '../../platform/rules/read-rules';
import type { OpenAssessment } from './open-assessment';

const {
	assessments,
	checkIns,
	contacts,
	equipmentRequests,
	findingTicks,
	assessmentResults,
	emails,
	linkUses,
	messages,
	breakSettings,
	plans,
	publishedStates,
	remeasurements,
	reportedDiscomfort,
	reportedSigns,
	roundPeople,
	secondOpinionCases,
	signLifts,
	sharedSessions
} = schema;

/** Warning signs that nobody has dealt with yet: they stay with the coordinator, whatever else is withdrawn. */
function openSigns(reasons: readonly TriageReason[]): RedFlag[] {
	return reasons.flatMap(({ sign }) => sign ?? []);
}

/** Deletes warning signs that someone has dealt with; an open one from a check-in is kept without the check-in. */
async function keepOpenSigns(tx: Db, personId: string, open: readonly RedFlag[]): Promise<void> {
	const mine = eq(reportedSigns.personId, personId);
	const lifts = eq(signLifts.personId, personId);
	await tx
		.delete(signLifts)
		.where(open.length > 0 ? and(lifts, notInArray(signLifts.sign, [...open])) : lifts);
	await tx
		.delete(reportedSigns)
		.where(open.length > 0 ? and(mine, notInArray(reportedSigns.sign, [...open])) : mine);
	const said = await tx
		.select({ signs: checkIns.signs, at: checkIns.answeredAt })
		.from(checkIns)
		.where(eq(checkIns.personId, personId));
	const rows = said.flatMap(({ signs, at }) =>
		at
			? signs.filter((sign) => open.includes(sign)).map((sign) => ({ personId, sign, at, takenBackAt: at }))
			: []
	);
	if (rows.length > 0) await tx.insert(reportedSigns).values(rows);
}

/** What is kept of a withdrawn self-assessment: that it was sent, and that it was withdrawn. */
const BLANK = {
	answers: {},
	workstation: null,
	checksOff: null,
	answeredAt: null,
	savedAt: null,
	trialAskAt: null,
	signs: [],
	signsAt: null,
	discomfort: null,
	seenAt: null
} satisfies Partial<typeof assessments.$inferInsert>;

/**
 * Withdraws everything a person has given: answers of every self-assessment and workstation, plans, reports, check-ins, measurements,
 * messages, shared sessions, what was assessed from it, and emails with links; every link ends. What coordinators wrote remains theirs: notes, contacts,
 * referrals. A warning sign without an outcome also stays until someone has reached the person; the page says so. Everything of the person
 * is locked first, as in every act, so a save in flight is either kept before and deleted, or refused.
 */
export async function withdrawAnswers(db: Db, open: OpenAssessment, now: Date): Promise<void> {
	const { personId } = open.actor;
	await inTransaction(db, async (tx) => {
		const person = await requirePerson(tx, personId);
		const read = await loadCaseRecord(tx, person, now);
		const { rules } = await readRules(tx);
		const stays = openSigns(assessmentResultOf(read, person, rules).reasons);
		const sent = await tx
			.select({ id: assessments.id })
			.from(assessments)
			.where(eq(assessments.personId, personId));
		const ids = sent.map(({ id }) => id);
		if (ids.length > 0) {
			for (const table of [
				equipmentRequests,
				remeasurements,
				plans,
				reportedDiscomfort,
				findingTicks,
				linkUses
			])
				await tx.delete(table).where(inArray(table.assessmentId, ids));
		}
		await keepOpenSigns(tx, personId, stays);
		await tx.delete(checkIns).where(eq(checkIns.personId, personId));
		await tx.delete(emails).where(eq(emails.personId, personId));
		await tx.delete(breakSettings).where(eq(breakSettings.personId, personId));
		await tx.delete(messages).where(eq(messages.personId, personId));
		await tx.delete(sharedSessions).where(eq(sharedSessions.personId, personId));
		// The copy of their answers that two coordinators judged.
		await tx.delete(secondOpinionCases).where(eq(secondOpinionCases.personId, personId));
		// What a coordinator saw is theirs; what the answers said beside it is not.
		await tx
			.update(contacts)
			.set({ known: {} })
			.where(and(eq(contacts.personId, personId), isNotNull(contacts.known)));
		// What month-end totals count stays without saying of whom, until the totals of their groups can change.
		await tx.update(publishedStates).set({ personId: null }).where(eq(publishedStates.personId, personId));
		await tx
			.update(roundPeople)
			.set({ remindOn: null, toCall: false })
			.where(eq(roundPeople.personId, personId));
		await tx.delete(assessmentResults).where(eq(assessmentResults.personId, personId));
		await tx
			.update(assessments)
			.set({ ...BLANK, revokedAt: now, endedWhy: 'withdrawn' })
			.where(eq(assessments.personId, personId));
		await reassessCase(tx, personId, now);
		const detail = { signsKept: stays.length };
		await writeAuditLine(tx, open.actor, { at: now, act: 'withdrawn', personId, detail });
	});
}
