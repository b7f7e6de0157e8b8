import { and, eq, isNull } from 'drizzle-orm';
import { discomfortFromAnswers } from '../src/lib/core/questionnaire/answers/discomfort-answers';
import type { NewsKind } from '../src/lib/core/cases/case-assessment/vocabulary';
import type { Actor } from '../src/lib/server/platform/actor';
import { openAssessment } from '../src/lib/server/questionnaire/assessments/open-assessment';
import { saveAnswers } from '../src/lib/server/questionnaire/assessments/save-answers';
import { recordConsent } from '../src/lib/server/questionnaire/assessments/record-consent';
import { newestLinkPath, sendAssessment } from '../src/lib/server/questionnaire/assessments/send-assessment';
import { linkPathToSend } from '../src/lib/server/platform/email/personal-link';
import { submitAnswers } from '../src/lib/server/questionnaire/assessments/submit-answers';
import { answerCheckIn } from '../src/lib/server/cases/check-ins/answer-check-in';
import { processDueCase } from '../src/lib/server/cases/check-ins/process-due-cases';
import { isoDay } from '../src/lib/server/platform/clock';
import { closableItemsOf } from '../src/lib/server/cases/case-page';
import { settleCase } from '../src/lib/server/cases/settle-case';

import { recordContact } from '../src/lib/server/cases/contacts/record-contact';
import { schema, type Db } from '../src/lib/server/platform/db/client';
import { inTransaction } from '../src/lib/server/platform/db/transaction';
import { addDays } from '../src/lib/core/platform/calendar/civil-date';
import { nextWorkingDay } from '../src/lib/core/platform/calendar/working-days';
import { setFollowUp } from '../src/lib/server/cases/follow-ups/set-follow-up';
import { readPersonPlace } from '../src/lib/server/people/lock-person';
import { FINDING_IDS } from '../src/lib/core/questionnaire/checklist/findings';
import { tickFinding } from '../src/lib/server/cases/findings/tick-finding';
import { newestAssessmentResult } from '../src/lib/server/cases/case-assessments/newest-assessment-result';
import { addPerson, type NewPerson } from '../src/lib/server/people/add-person';
import { markAsLeft } from '../src/lib/server/people/mark-as-left';
import type { Planner } from '../src/lib/server/plan/planning/planning';
import { currentPlanOf } from '../src/lib/server/plan/plans/current-plan';
import { tickStep } from '../src/lib/server/plan/plans/tick-step';
import { eased, makeHistory, painOf, SeedFault, soreIn } from './profiles';
import type { Dice } from './random';

const { cases, checkIns } = schema;

const DAY_MS = 86_400_000;

/** Days since the emails of each round of the past two years. */
export const ROUNDS_AGO = { first: 700, second: 390, last: 16 } as const;

/** Days that people take to answer; the longer ones come after a reminder. */
const DAYS_TO_ANSWER = [0, 0, 1, 1, 2, 2, 3, 4, 4, 5, 6, 9, 10, 12, 15, 21] as const;

/** Days that somebody takes to answer. */
export const daysToAnswer = (dice: Dice): number => dice.pick(DAYS_TO_ANSWER);

/** Days after which a coordinator has dealt with answers. */
const DAYS_TO_DEAL = [1, 6] as const;

/** A team in which fewer people answer: the workforce's figures show it. */
export const QUIET_TEAM = 'Web shop';

export const LATER_REASONS = [
	'Yearly look',
	'Has the screen arrived?',
	'New chair: does it hold?',
	'Ask how the summer went'
] as const;

/** Outcomes of calls about warning signs. */
const SAID = [
	'Saw their doctor already; was told to move more. Feels it less since.',
	'Will ring their doctor this week.',
	'It was after gardening, gone by now.',
	'Goes to physiotherapy since last month, and it helps.'
] as const;

const NEWS: readonly NewsKind[] = ['glasses', 'chair', 'moved'];

/** Percentage who fix the findings that aren't heights. */
const SHARE_THAT_PUTS_RIGHT = 70;

/** One life at a home workstation: what a person and their coordinator did over two years, through the program's own use cases. */
class Life {
	private personId = '';
	/** Whether a plan was carried out: later answers then report less discomfort. */
	private isEased = false;

	constructor(
		private readonly db: Db,
		private readonly coordinator: Actor & { kind: 'user' },
		private readonly planning: Planner,
		private readonly dice: Dice,
		private readonly now: Date,
		/** Whether they leave the last round unanswered, unless they have left. */
		private readonly isSilent: boolean
	) {}

	/** A moment in the working day so many days ago, never later than now. */
	private ago(days: number): Date {
		const day = new Date(this.now.getTime() - days * DAY_MS).setUTCHours(8, 0, 0, 0);
		return new Date(Math.min(day + this.dice.int(0, 32_400) * 1000, this.now.getTime()));
	}

	/**
	 * Lives it.
	 * @param isOpen whether they have just answered and nobody has looked at it yet
	 * @returns the person's id
	 */
	async live(person: NewPerson, isOpen: boolean): Promise<string> {
		const { dice } = this;
		this.personId = await addPerson(this.db, this.coordinator, person, this.ago(760));
		const history = makeHistory(dice);
		const hasLeft = !isOpen && dice.chance(0.04);
		const isSilent = !isOpen && !hasLeft && this.isSilent;
		const answers = person.team === QUIET_TEAM ? 0.5 : 0.9;
		if (!isOpen && dice.chance(0.8)) await this.round(ROUNDS_AGO.first, history.first, dice.chance(answers));
		if (dice.chance(isOpen ? 0.35 : 0.55))
			await this.round(ROUNDS_AGO.second, history.later, dice.chance(answers));
		if (isOpen || isSilent || dice.chance(0.4))
			await this.round(ROUNDS_AGO.last, dice.chance(0.5) ? history.first : history.later, !isSilent, isOpen);
		await this.passTime(this.now);
		if (!isOpen && dice.chance(0.8)) await this.dealWith(this.ago(1));
		if (hasLeft) {
			const act = { key: crypto.randomUUID(), personId: this.personId, version: null };
			await markAsLeft(this.db, this.coordinator, act, this.ago(dice.int(1, 12)));
		} else if (dice.chance(0.3)) await this.setLook();
		return this.personId;
	}

	/** A round arrives: the email and, for most, answers, a plan and its follow-up. */
	private async round(
		from: number,
		answers: Readonly<Record<string, string>>,
		doesAnswer: boolean,
		staysOpen = false
	) {
		const sentAgo = from - this.dice.int(0, 2);
		await this.passTime(this.ago(sentAgo + 1));
		const input = { key: crypto.randomUUID(), personId: this.personId, version: null };
		const sent = await sendAssessment(this.db, this.coordinator, input, this.ago(sentAgo));
		if (!sent || !doesAnswer) return;
		const after = staysOpen ? this.dice.int(8, 15) : Math.min(daysToAnswer(this.dice), sentAgo - 3);
		const told = this.isEased ? eased(this.dice, answers) : answers;
		await this.answer(sent.token, told, Math.max(0, sentAgo - after), staysOpen);
	}

	private async answer(
		token: string,
		answers: Readonly<Record<string, string>>,
		agoDays: number,
		staysOpen = false
	) {
		const sentAt = (await openAssessment(this.db, token)).assessment.sentAt;
		const at = new Date(Math.max(this.ago(agoDays).getTime(), sentAt.getTime() + 12 * 60_000));
		const open = await openAssessment(this.db, token);
		await recordConsent(this.db, open, at);
		await saveAnswers(this.db, open, answers, at);
		const submitted = await submitAnswers(this.db, open, at, this.planning);
		if (!submitted.ok) throw new SeedFault(submitted.issues.map((i) => `${i.field} ${i.code}`).join(', '));
		if (staysOpen) return;
		await this.dealWith(new Date(at.getTime() + this.dice.int(...DAYS_TO_DEAL) * DAY_MS));
		await this.carryOut(token, at);
	}

	/** Most carry their plan out within three weeks; some do part of it, some never start. */
	private async carryOut(token: string, answeredAt: Date) {
		const open = await openAssessment(this.db, token);
		const plan = await currentPlanOf(this.db, open.assessment.id);
		const share = this.dice.int(0, 99);
		const steps = plan?.steps ?? [];
		const done = share < 78 ? steps : share < 94 ? steps.slice(0, Math.ceil(steps.length / 2)) : [];
		this.isEased ||= steps.length > 0 && done.length === steps.length;
		let at = answeredAt.getTime() + this.dice.int(1, 12) * DAY_MS;
		for (const { place } of done) {
			if (at > this.now.getTime()) return;
			await this.passTime(new Date(at));
			await tickStep(this.db, open, { thing: place, done: true }, new Date(at));
			at += this.dice.int(0, 3) * DAY_MS + 60_000;
		}
		if (share < SHARE_THAT_PUTS_RIGHT) await this.putRight(token, new Date(at));
	}

	/** Those who carry all of it out fix the other findings too. */
	private async putRight(token: string, at: Date) {
		if (at > this.now) return;
		await this.passTime(at);
		const open = await openAssessment(this.db, token);
		const assessmentResult = await newestAssessmentResult(this.db, this.personId);
		for (const { id } of assessmentResult?.findings ?? []) {
			const finding = FINDING_IDS.find((known) => known === id);
			if (finding) await tickFinding(this.db, open, { finding, how: 'done' }, at);
		}
	}

	/** What falls due up to a moment, and what the person does about it. */
	private async passTime(until: Date) {
		// Each turn deals with one date that has come: a plan recalled, a check-in, a full review.
		for (let turn = 0; turn < 12; turn += 1) {
			const [row] = await this.db
				.select({ reassessOn: cases.reassessOn, mailOn: cases.mailOn })
				.from(cases)
				.where(eq(cases.personId, this.personId));
			const [day] = [row?.reassessOn, row?.mailOn].flatMap((one) => one ?? []).sort();
			if (!day || day > isoDay(until, 'UTC')) return;
			const at = new Date(Math.min(Date.parse(`${day}T08:20:00Z`), until.getTime()));
			await processDueCase(this.db, this.personId, at);
			await this.respond(at);
		}
	}

	private async respond(at: Date) {
		const asked = await this.db
			.select()
			.from(checkIns)
			.where(
				and(eq(checkIns.personId, this.personId), isNull(checkIns.answeredAt), isNull(checkIns.endedAt))
			);
		const path = await linkPathToSend(this.db, await newestLinkPath(this.db, this.personId));
		const link = path?.slice('/c/'.length) ?? '';
		for (const { id, kind, askedAt } of asked) {
			const isRecent = this.now.getTime() - askedAt.getTime() < 6 * DAY_MS;
			if (isRecent && this.dice.chance(0.5)) continue;
			const day = new Date(Math.min(at.getTime() + DAY_MS, this.now.getTime()));
			if (kind === 'check-in' && this.dice.chance(0.82)) await this.checkIn(link, day);
			else if (kind === 'recheck' && this.dice.chance(0.7)) await this.lookAgain(link, day);
			else
				await this.db
					.update(checkIns)
					.set({ endedAt: day, remindOn: null, toCall: false })
					.where(eq(checkIns.id, id));
		}
	}

	/** A short check-in: most are better, some the same or worse; now and then a step has come undone or something is new. */
	private async checkIn(token: string, at: Date) {
		const { dice } = this;
		const open = await openAssessment(this.db, token);
		const sore = soreIn(open.assessment.answers).filter(() => dice.chance(0.7));
		const fields = painOf(dice, sore, dice.chance(0.12) ? 7 : 3);
		const plan = await currentPlanOf(this.db, open.assessment.id);
		const steps = plan?.steps.map(({ place }) => place) ?? [];
		await answerCheckIn(
			this.db,
			open,
			{
				signs: [],
				discomfort: discomfortFromAnswers(fields).reports,
				undone: dice.chance(0.12) ? steps.slice(0, 1) : [],
				news: dice.chance(0.08) ? [dice.pick(NEWS)] : []
			},
			at
		);
		if (this.now.getTime() - at.getTime() > 3 * DAY_MS) await this.dealWith(new Date(at.getTime() + DAY_MS));
	}

	private async lookAgain(token: string, at: Date) {
		const agoDays = Math.max(0, Math.floor((this.now.getTime() - at.getTime()) / DAY_MS));
		await this.answer(token, makeHistory(this.dice).later, agoDays, agoDays < 3);
	}

	/** The coordinator deals with what came in: calls about warning signs first, then the rest. */
	private async dealWith(at: Date) {
		const when = new Date(Math.min(at.getTime(), this.now.getTime()));
		const assessmentResult = await newestAssessmentResult(this.db, this.personId);
		const closes = closableItemsOf(assessmentResult);
		if (closes.length > 0)
			await recordContact(
				this.db,
				this.coordinator,
				{
					key: crypto.randomUUID(),
					personId: this.personId,
					version: null,
					how: 'phone',
					result: 'reached',
					whom: 'The person',
					said: this.dice.pick(SAID),
					closes,
					fixed: [],
					next: 'nothing',
					nextOn: '',
					why: 'In good hands; asked again at the next check-in',
					saw: {}
				},
				when
			);
		const [row] = await this.db.select().from(cases).where(eq(cases.personId, this.personId));
		if (!row?.openSince) return;
		const act = { key: crypto.randomUUID(), personId: this.personId, version: null, reason: '' };
		await settleCase(this.db, this.coordinator, act, when);
	}

	private async setLook() {
		const { dice } = this;
		const days = dice.chance(0.15) ? -dice.int(4, 12) : dice.int(1, 170);
		const person = await readPersonPlace(this.db, this.personId);
		if (!person) return;
		const due = nextWorkingDay(addDays(person.place.dayOf(this.now), days), person.place.calendar);
		await setFollowUp(
			this.db,
			this.coordinator,
			{
				key: crypto.randomUUID(),
				personId: this.personId,
				kind: 'look',
				due,
				reason: dice.pick(LATER_REASONS),
				seen: 0
			},
			this.ago(Math.max(20, -days + 1))
		);
	}
}

/** Writes one life in one transaction: many small acts, and one wait for the disk. */
export function liveOne(
	db: Db,
	how: { coordinator: Actor & { kind: 'user' }; planning: Planner; dice: Dice; now: Date },
	person: NewPerson,
	{ isOpen, isSilent }: { isOpen: boolean; isSilent: boolean }
): Promise<string> {
	return inTransaction(db, (tx) =>
		new Life(tx, how.coordinator, how.planning, how.dice, how.now, isSilent).live(person, isOpen)
	);
}
