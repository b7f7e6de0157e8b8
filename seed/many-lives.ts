import { randomUUID } from 'node:crypto';
import { and, eq, inArray, sql } from 'drizzle-orm';
import { cornerFromAnswers } from '../src/lib/core/questionnaire/answers/corner-from-answers';
import { discomfortFromAnswers } from '../src/lib/core/questionnaire/answers/discomfort-answers';
import { measuredPadRises } from '../src/lib/core/questionnaire/answers/measured-pad-rises';
import type { Answers } from '../src/lib/core/questionnaire/answers/fields';
import { validateCorner } from '../src/lib/core/workstation/corner/validate-corner';
import { FINDING_IDS } from '../src/lib/core/questionnaire/checklist/findings';
import type { PlanItem } from '../src/lib/core/cases/case-assessment/vocabulary';
import type { CheckResult } from '../src/lib/core/workstation/checks/check-corner';
import type { Corner } from '../src/lib/core/workstation/corner/corner';
import { COMPRESSED_FRACTION } from '../src/lib/core/workstation/household/placement-modes';
import { isPad } from '../src/lib/core/workstation/household/pads';
import { setUpAfter, type Plan } from '../src/lib/core/plan/plan-corner';
import type { PurchaseId } from '../src/lib/core/plan/purchases';
import { SHIPPED_RULES } from '../src/lib/core/platform/rules/shipped-rules';
import { itemOfPiece } from '../src/lib/core/workstation/side-view/drawn-furniture';
import { remeasuredHeightsOf } from '../src/lib/core/workstation/side-view/remeasured-heights';
import { emailWords } from '../src/lib/messages/emails';
import { linkToken } from '../src/lib/server/platform/access/secret-keys';
import { hashToken } from '../src/lib/server/platform/access/tokens';
import { reassessCases } from '../src/lib/server/cases/case-assessments/reassess-cases';
import { isoDay } from '../src/lib/server/platform/clock';
import { schema, type Db } from '../src/lib/server/platform/db/client';
import { inTransaction } from '../src/lib/server/platform/db/transaction';
import { storedLinkPath } from '../src/lib/server/platform/email/personal-link';
import { addDays } from '../src/lib/core/platform/calendar/civil-date';
import { nextWorkingDay } from '../src/lib/core/platform/calendar/working-days';
import type { PersonPlace } from '../src/lib/server/people/person-place';
import { lockPeople } from '../src/lib/server/people/lock-person';
import type { NewPerson } from '../src/lib/server/people/add-person';
import { plannerHere } from '../src/lib/server/plan/planning/planning';
import { planRow } from '../src/lib/server/plan/plans/make-plan';
import { solveSpots } from '../src/lib/server/plan/plans/solve-spots';
import { daysToAnswer, LATER_REASONS, QUIET_TEAM, ROUNDS_AGO } from './lives';
import { eased, fittedAnswers, makeHistory, mild, normal, SeedFault, soreIn } from './profiles';
import { Dice } from './random';
import { TRUTH } from './truth';

const {
	assessments,
	cases,
	checkIns,
	contacts,
	emails,
	equipmentRequests,
	findingTicks,
	followUps,
	people,
	plans,
	remeasurements,
	reportedDiscomfort,
	stepEvents,
	users
} = schema;

const DAY_MS = 86_400_000;
const WEEK_MS = 7 * DAY_MS;
const MINUTE_MS = 60_000;

/** Days before today on which the first people are added. */
const FIRST_DAY_AGO = 763;

/** One life in this many is left to the coordinator as it is. */
const ONE_WAITS_IN = 30;

/** People assessed by one set of statements. */
const CHUNK = 60;

/** What the demo's organisation paid for an item, whole cents. Invented. */
const PAID: Readonly<Partial<Record<PurchaseId, number>>> = {
	'keyboard-and-mouse': 4300,
	footrest: 3650,
	'seat-cushion': 2900,
	monitor: 18_400,
	chair: 23_500,
	'another-surface': 41_000
};

/** Rows of one week, written together. */
class Week {
	readonly assessments: (typeof assessments.$inferInsert)[] = [];
	/** Answers to self-assessments, by their ids. */
	readonly answered = new Map<string, Partial<typeof assessments.$inferInsert>>();
	readonly emails: (typeof emails.$inferInsert)[] = [];
	readonly plans: (typeof plans.$inferInsert)[] = [];
	readonly stepEvents: (typeof stepEvents.$inferInsert)[] = [];
	readonly discomfort: (typeof reportedDiscomfort.$inferInsert)[] = [];
	readonly checkIns: (typeof checkIns.$inferInsert)[] = [];
	readonly remeasurements: (typeof remeasurements.$inferInsert)[] = [];
	/** What re-measured seats teach about pads, by self-assessment. */
	readonly pads = new Map<string, Answers>();
	readonly contacts: Omit<typeof contacts.$inferInsert, 'authorId'>[] = [];
	readonly requests: (typeof equipmentRequests.$inferInsert)[] = [];
	readonly findings: { readonly life: PlainLife; readonly at: Date }[] = [];
	/** Whose case a coordinator deals with, and when. */
	readonly seen: { readonly personId: string; readonly at: Date }[] = [];
	readonly left: { readonly personId: string; readonly at: Date }[] = [];
	/** Links that a newer one replaces. */
	readonly replaced: { readonly id: string; readonly at: Date }[] = [];
	readonly touched = new Set<string>();
}

/** Something that happens in a life. */
interface Happening {
	readonly at: Date;
	readonly run: (week: Week) => void | Promise<void>;
}

type Place = PlanItem;

const keptOf = (kept: { readonly seat: number; readonly other: number }, place: Place) =>
	place === 'seat' ? kept.seat : kept.other;

/** How much more than planned the pads of a plan leave under someone, mm, by what is true of them. */
function moreUnderThem(corner: Corner, plan: Plan): number {
	return plan.stations.seat.pieces.reduce((sum, piece) => {
		const { kind } = itemOfPiece(corner, piece.id);
		return isPad(kind)
			? sum + piece.rise * (TRUTH.padsLeft[kind] / 100 / COMPRESSED_FRACTION[kind] - 1)
			: sum;
	}, 0);
}

/** One life, drawn from what is true of everyone ({@link TRUTH}): answers, plan, check-ins, measurements, equipment. */
class PlainLife {
	readonly personId = randomUUID();
	private readonly dice: Dice;
	/** For what the coordinator does, so that it leaves the life as it is. */
	private readonly coordinatorDice: Dice;
	/** What they answer next. */
	private answers: Answers;
	private assessmentId: string | null = null;
	private steps: readonly Place[] = [];
	private planId = '';
	private hasCarriedOut = false;
	private checkInsAnswered = 0;
	private undone = new Set<Place>();
	private hasLeft = false;

	constructor(
		readonly person: NewPerson,
		n: number,
		private readonly now: Date,
		private readonly later: (happening: Happening) => void
	) {
		this.dice = new Dice(31_000 + n);
		this.coordinatorDice = new Dice(67_000 + n);
		this.answers = mild(makeHistory(this.dice).first);
		this.begin();
	}

	/** A moment in the working day so many days ago. */
	private ago(days: number): Date {
		const day = new Date(this.now.getTime() - days * DAY_MS).setUTCHours(8, 0, 0, 0);
		return new Date(Math.min(day + this.dice.int(0, 30_000) * 1000, this.now.getTime()));
	}

	private daysAgo = (at: Date) => Math.floor((this.now.getTime() - at.getTime()) / DAY_MS);

	/** Plans something, unless it lies in the future. */
	private plan(agoDays: number, run: Happening['run']): void {
		if (agoDays < 0) return;
		const at = this.ago(agoDays);
		this.later({
			at,
			run: async (week) => {
				if (this.hasLeft) return;
				week.touched.add(this.personId);
				await run(week);
			}
		});
	}

	private begin(): void {
		const { dice } = this;
		const at = dice.int(0, 99);
		const sentAgo =
			at < 35
				? ROUNDS_AGO.first
				: at < 60
					? ROUNDS_AGO.second
					: at < 88
						? dice.int(45, 660)
						: ROUNDS_AGO.last;
		this.send(sentAgo - dice.int(0, 2));
		// Some of those who have not been asked for long are asked in the last round, too.
		if (sentAgo > 300 && dice.chance(0.2)) this.send(ROUNDS_AGO.last - dice.int(0, 2));
		if (dice.chance(0.04) && sentAgo > 100) this.leave(dice.int(2, 90));
	}

	private leave(agoDays: number): void {
		this.plan(agoDays, (week) => {
			this.hasLeft = true;
			week.left.push({ personId: this.personId, at: this.ago(agoDays) });
		});
	}

	private send(sentAgo: number): void {
		const { dice, person, personId } = this;
		const doesAnswer = dice.chance(person.team === QUIET_TEAM ? TRUTH.quietTeamAnswers : TRUTH.answers);
		const answeredAgo = sentAgo - daysToAnswer(dice);
		const id = randomUUID();
		let sentAt = this.now;
		this.plan(sentAgo, (week) => {
			sentAt = this.ago(sentAgo);
			if (this.assessmentId) week.replaced.push({ id: this.assessmentId, at: sentAt });
			this.assessmentId = id;
			week.assessments.push({
				id,
				personId,
				tokenHash: hashToken(linkToken(id)),
				sittingStyle: 'upright',
				questionnaireMode: 'short',
				checklistVersion: SHIPPED_RULES.checklist.version,
				sentAt
			});
			const words = emailWords('invitation', { name: person.name, language: person.language });
			week.emails.push({
				personId,
				toName: person.name,
				toEmail: person.email,
				linkPath: storedLinkPath(id),
				writtenAt: sentAt,
				nextTryAt: sentAt,
				state: 'delivered',
				tries: 1,
				deliveredAt: sentAt,
				...words
			});
		});
		if (doesAnswer) this.plan(answeredAgo, (week) => this.answer(week, { id, sentAt, answeredAgo }));
	}

	private async answer(
		week: Week,
		{ id, sentAt, answeredAgo }: { id: string; sentAt: Date; answeredAgo: number }
	): Promise<void> {
		if (this.assessmentId !== id) return;
		const { answers, dice } = this;
		const at = new Date(Math.max(this.ago(answeredAgo).getTime(), sentAt.getTime() + 15 * MINUTE_MS));
		const read = cornerFromAnswers(answers, 'upright');
		const told = discomfortFromAnswers(answers);
		const checked = read.corner && validateCorner(read.corner);
		if (!checked?.ok)
			throw new SeedFault(`${this.person.name}: ${read.issues.map(({ field }) => field).join()}`);
		const corner = checked.value;
		const [solved] = await solveSpots([corner], plannerHere);
		if (!solved) throw new SeedFault('a workstation has advice');
		const row = planRow({ assessmentId: id, ...solved, chosen: 0, why: 'answers' }, at);
		this.planId = randomUUID();
		this.steps = row.steps.map(({ place }) => place);
		this.hasCarriedOut = false;
		this.checkInsAnswered = 0;
		this.undone = new Set();
		week.plans.push({ id: this.planId, ...row });
		week.answered.set(id, {
			consentedAt: at,
			savedAt: at,
			answers: { ...answers },
			answeredAt: at,
			workstation: corner,
			checksOff: solved.advice.before.filter(({ verdict }) => verdict === 'off').length,
			discomfort: [...told.reports],
			signsAt: at
		});
		if (told.reports.length > 0) week.discomfort.push({ assessmentId: id, at, regions: [...told.reports] });
		this.dealtWith(answeredAgo - dice.int(1, 6));
		this.seenByVideo(answeredAgo, solved.advice.before);
		this.carryOut(answeredAgo, row);
		this.wishFor(answeredAgo, solved.advice.purchases, row.plan?.after ?? solved.advice.before);
	}

	private dealtWith(agoDays: number): void {
		this.plan(agoDays, (week) => void week.seen.push({ personId: this.personId, at: this.ago(agoDays) }));
	}

	/** A coordinator looks at some workstations by video on the day they are answered about, and mostly sees what the answers say. */
	private seenByVideo(answeredAgo: number, before: readonly Pick<CheckResult, 'id' | 'verdict'>[]): void {
		const dice = this.coordinatorDice;
		if (!dice.chance(TRUTH.seenByVideo)) return;
		const saw = before.map(({ id, verdict }) => {
			const isProblem =
				verdict === 'unsure' ? dice.chance(0.5) : (verdict === 'off') === dice.chance(TRUTH.agreesOnHeights);
			return [id, isProblem ? 'problem' : 'fits'] as const;
		});
		this.plan(answeredAgo, (week) => {
			const at = new Date(this.now.getTime() - answeredAgo * DAY_MS);
			week.contacts.push({
				id: randomUUID(),
				personId: this.personId,
				at,
				onDay: isoDay(at, 'UTC'),
				how: 'video',
				result: 'reached',
				whom: this.person.name,
				said: 'Looked at the workstation together.',
				saw: Object.fromEntries(saw),
				known: Object.fromEntries(before.map(({ id, verdict }) => [id, verdict]))
			});
		});
	}

	/** Most carry steps out within two weeks; whoever does all of them fixes the rest, too, and some measure again. */
	private carryOut(answeredAgo: number, { plan, workstation: corner }: ReturnType<typeof planRow>): void {
		const { dice } = this;
		const [assessmentId, planId] = [this.assessmentId ?? '', this.planId];
		const begins = !dice.chance(TRUTH.startsLate);
		// Most of those who don't begin do one step once they are reminded; a few wait for the coordinator.
		const late = this.steps.length > 0 && dice.chance(0.9) ? [dice.pick(this.steps)] : [];
		const done = begins ? this.steps.filter((place) => dice.chance(TRUTH.stepDone[place])) : late;
		if (begins && done.length === 0) done.push(...late);
		let day = answeredAgo - (begins ? dice.int(1, 8) : dice.int(16, 30));
		for (const thing of done) {
			const agoDays = day;
			this.plan(agoDays, (week) => {
				if (this.planId === planId)
					week.stepEvents.push({ planId, thing, isDone: true, source: 'tick', at: this.ago(agoDays) });
			});
			day -= dice.int(0, 2);
		}
		if (done.length < this.steps.length || dice.chance(TRUTH.startsLate))
			return this.askedAgain(answeredAgo, false);
		const all = day;
		this.plan(all, (week) => {
			this.hasCarriedOut = true;
			week.findings.push({ life: this, at: this.ago(all) });
		});
		this.askedAgain(answeredAgo, true);
		if (!plan || this.steps.length === 0 || !dice.chance(TRUTH.measuresAgain)) return;
		const measured = all - dice.int(1, 6);
		this.plan(measured, (week) => {
			if (this.planId !== planId) return;
			const planned = remeasuredHeightsOf(corner, setUpAfter(corner, plan));
			const off = (mm: number) => Math.max(0, Math.round(mm + normal(dice, 0, TRUTH.builtWithinMm)));
			const lengths = {
				...(planned.seatUnder === null
					? {}
					: {
							seatUnder: off(planned.seatUnder + moreUnderThem(corner, plan)),
							feetOn: planned.feetOn === 0 ? 0 : off(planned.feetOn)
						}),
				surface: off(planned.surface),
				keysOn: off(planned.keysOn),
				screenTop: off(planned.screenTop)
			};
			week.remeasurements.push({ assessmentId, at: this.ago(measured), lengths });
			const learned = measuredPadRises(corner, plan, lengths);
			week.pads.set(assessmentId, learned);
			this.answers = { ...this.answers, ...learned };
		});
	}

	/** Some are asked again after half a year: with the plan carried out it hurts less. */
	private askedAgain(answeredAgo: number, isCarriedOut: boolean): void {
		const { dice } = this;
		const again = answeredAgo - dice.int(150, 300);
		if (again < 40 || !dice.chance(0.5)) return;
		// Before that, check-ins are still about how it was.
		this.plan(again + 1, () => {
			this.answers = eased(dice, this.answers, isCarriedOut ? TRUTH.fallsWithPlan : TRUTH.fallsWithout);
			if (isCarriedOut && dice.chance(0.6)) this.answers = fittedAnswers(dice, this.answers);
		});
		this.send(again);
	}

	/** Whoever has a problem left that equipment helps with may ask for it; once it has come, they answer again. */
	private wishFor(
		answeredAgo: number,
		options: readonly { readonly purchases: readonly PurchaseId[] }[],
		after: readonly { readonly verdict: string }[]
	): void {
		const { dice } = this;
		const purchase = options.find(({ purchases }) => purchases.length === 1)?.purchases[0];
		const arrivesIn = dice.int(18, 45);
		const isOff = after.some(({ verdict }) => verdict === 'off');
		// What has not come yet is the coordinator's open work, which is made elsewhere.
		if (!purchase || !isOff || answeredAgo - arrivesIn < 30 || !dice.chance(TRUTH.asksForEquipment)) return;
		const assessmentId = this.assessmentId ?? '';
		this.plan(answeredAgo - arrivesIn, (week) => {
			week.requests.push({
				assessmentId,
				purchase,
				askedAt: this.ago(answeredAgo - 3),
				state: 'arrived',
				supplier: 'Weir & Lantern Supplies',
				orderNumber: `WL-${dice.int(10_000, 99_999)}`,
				costCents: PAID[purchase] ?? 5000,
				currency: 'EUR',
				changedAt: this.ago(answeredAgo - arrivesIn)
			});
		});
		const again = answeredAgo - arrivesIn - dice.int(8, 20);
		this.plan(again + 1, () => {
			this.answers = dice.chance(TRUTH.setsUpAnew) ? fittedAnswers(dice, this.answers) : this.answers;
		});
		this.send(again);
	}

	/** The day on which the coordinator wants to look again, a few of them already past; null where there is none. */
	look(
		place: PersonPlace
	): { readonly due: string; readonly reason: string; readonly createdAt: Date } | null {
		const { dice } = this;
		if (this.hasLeft || !dice.chance(0.3)) return null;
		const days = dice.chance(0.15) ? -dice.int(4, 12) : dice.int(1, 170);
		const due = nextWorkingDay(addDays(place.dayOf(this.now), days), place.calendar);
		return { due, reason: dice.pick(LATER_REASONS), createdAt: this.ago(Math.max(20, -days + 1)) };
	}

	/** Answers a check-in, or lets it pass. */
	checkIn(week: Week, dueOn: string, assessmentId: string): void {
		const { dice, personId } = this;
		const ago = Math.max(0, this.daysAgo(new Date(`${dueOn}T09:00:00Z`)));
		const asked = { personId, assessmentId, dueOn, askedAt: this.ago(ago), remindOn: null };
		if (this.hasLeft || !dice.chance(0.82)) {
			week.checkIns.push({ ...asked, endedAt: this.ago(Math.max(0, ago - 20)) });
			return;
		}
		const answeredAgo = Math.max(0, ago - dice.int(0, 3));
		const at = this.ago(answeredAgo);
		const kept = this.checkInsAnswered === 0 ? TRUTH.keptTwoWeeks : TRUTH.keptAfterThat;
		const gone = this.steps.filter((place) => !this.undone.has(place) && !dice.chance(keptOf(kept, place)));
		this.checkInsAnswered += 1;
		const told = eased(dice, this.answers, this.hasCarriedOut ? TRUTH.fallsWithPlan : TRUTH.fallsWithout);
		week.checkIns.push({
			...asked,
			answeredAt: at,
			discomfort: discomfortFromAnswers(
				Object.fromEntries(
					soreIn(told).flatMap((place) =>
						Object.entries(told).filter(([name]) => name.startsWith(`pain.${place}.`))
					)
				)
			).reports.slice(),
			undone: gone
		});
		for (const thing of gone) {
			this.undone.add(thing);
			week.stepEvents.push({ planId: this.planId, thing, isDone: false, source: 'check-in', at });
		}
		this.dealtWith(answeredAgo - dice.int(1, 3));
	}

	/** The yearly self-assessment falls due. */
	recheck(week: Week, dueOn: string, assessmentId: string): void {
		const ago = Math.max(0, this.daysAgo(new Date(`${dueOn}T09:00:00Z`)));
		const asked = {
			personId: this.personId,
			assessmentId,
			kind: 'recheck' as const,
			dueOn,
			askedAt: this.ago(ago),
			remindOn: null
		};
		week.checkIns.push({ ...asked, endedAt: this.ago(Math.max(0, ago - 20)) });
		if (!this.hasLeft && this.dice.chance(0.7)) this.send(Math.max(0, ago - 1));
	}
}

/** Writes what happened in a week, and has the program assess whoever it concerns. */
async function write(db: Db, week: Week, now: Date): Promise<void> {
	await inTransaction(db, async (tx) => {
		const insert = async <T extends object>(rows: readonly T[], into: (rows: T[]) => Promise<unknown>) => {
			if (rows.length > 0) await into([...rows]);
		};
		await insert(week.assessments, (rows) => tx.insert(assessments).values(rows));
		for (const [id, answered] of week.answered)
			await tx.update(assessments).set(answered).where(eq(assessments.id, id));
		for (const { id, at } of week.replaced)
			await tx
				.update(assessments)
				.set({ revokedAt: at, endedWhy: 'replaced' })
				.where(and(eq(assessments.id, id), sql`answered_at is null`));
		await insert(week.emails, (rows) => tx.insert(emails).values(rows));
		await insert(week.plans, (rows) => tx.insert(plans).values(rows));
		await insert(week.stepEvents, (rows) => tx.insert(stepEvents).values(rows));
		await insert(week.discomfort, (rows) => tx.insert(reportedDiscomfort).values(rows));
		await insert(week.checkIns, (rows) => tx.insert(checkIns).values(rows));
		await insert(week.remeasurements, (rows) => tx.insert(remeasurements).values(rows));
		for (const [id, learned] of week.pads)
			await tx
				.update(assessments)
				.set({ answers: sql`${assessments.answers} || ${JSON.stringify(learned)}::jsonb` })
				.where(eq(assessments.id, id));
		const [author] = await tx
			.select({ id: users.id })
			.from(users)
			.where(eq(users.role, 'coordinator'))
			.limit(1);
		await insert(week.contacts, (rows) =>
			tx.insert(contacts).values(rows.map((row) => ({ ...row, authorId: author?.id ?? null })))
		);
		await insert(week.requests, (rows) => tx.insert(equipmentRequests).values(rows));
		for (const { personId, at } of week.left) {
			await tx.update(people).set({ leftAt: at }).where(eq(people.id, personId));
			await tx
				.update(assessments)
				.set({ revokedAt: at, endedWhy: 'left' })
				.where(and(eq(assessments.personId, personId), sql`revoked_at is null`));
		}
		await putRight(tx, week);
		await dealWith(tx, week);
		const ids = [...week.touched].sort();
		for (let from = 0; from < ids.length; from += CHUNK)
			await reassessCases(tx, await lockPeople(tx, ids.slice(from, from + CHUNK)), now);
		if (week.seen.length > 0)
			await tx
				.update(cases)
				.set({ settledAt: now, settledReason: '' })
				.where(
					and(
						inArray(
							cases.personId,
							week.seen.map(({ personId }) => personId)
						),
						inArray(cases.level, ['soon', 'help', 'home', 'done']),
						// Whoever answered a moment ago waits for the coordinator.
						sql`coalesce(${cases.answeredAt} < ${new Date(now.getTime() - WEEK_MS).toISOString()}::timestamptz, true)`
					)
				);
	});
}

/** Fixes whatever the newest result of these people finds besides heights. */
async function putRight(tx: Db, { findings }: Week): Promise<void> {
	if (findings.length === 0) return;
	const ids = findings.map(({ life }) => life.personId);
	const { rows } = await tx.execute<{ personId: string; id: string; finding: string }>(sql`
		select a.person_id as "personId", a.id, f ->> 'id' as finding from cases c join assessment_results j on j.id = c.assessment_result_id,
			jsonb_array_elements(j.document -> 'findings') f, lateral (select id, person_id from assessments where person_id = c.person_id
				and answered_at is not null order by answered_at desc limit 1) a
		where c.person_id = any(${sql.param(ids)}::uuid[])`);
	const ticks = rows.flatMap(({ personId, id, finding }) => {
		const known = FINDING_IDS.find((one) => one === finding);
		const at = findings.find(({ life }) => life.personId === personId)?.at;
		return known && at ? [{ assessmentId: id, finding: known, how: 'done' as const, at }] : [];
	});
	if (ticks.length > 0) await tx.insert(findingTicks).values(ticks).onConflictDoNothing();
}

/** Marks what these people sent as seen. */
async function dealWith(tx: Db, { seen }: Week): Promise<void> {
	if (seen.length === 0) return;
	const given = JSON.stringify(seen);
	const who = sql`jsonb_to_recordset(${given}::jsonb) v("personId" uuid, at timestamptz)`;
	await tx.execute(
		sql`update assessments a set seen_at = v.at from ${who} where a.person_id = v."personId" and a.answered_at < v.at and a.seen_at is null`
	);
	await tx.execute(
		sql`update check_ins c set seen_at = v.at from ${who} where c.person_id = v."personId" and c.answered_at < v.at and c.seen_at is null`
	);
	await tx.execute(
		sql`update reported_discomfort r set seen_at = v.at from ${who}, assessments a where a.id = r.assessment_id and a.person_id = v."personId" and r.at < v.at and r.seen_at is null`
	);
}

/** What the program would send these people up to a day: they answer it, or let it pass. */
async function passDue(
	db: Db,
	lives: ReadonlyMap<string, PlainLife>,
	week: Week,
	until: Date
): Promise<void> {
	const day = isoDay(until, 'UTC');
	const { rows } = await db.execute<{
		id: string;
		personId: string;
		kind: string;
		dueOn: string;
		assessmentId: string | null;
	}>(sql`
		select f.id, f.person_id as "personId", f.kind, coalesce(f.policy_day, f.due)::text as "dueOn",
			(select a.id from assessments a where a.person_id = f.person_id and a.answered_at is not null order by a.answered_at desc limit 1) as "assessmentId"
		from follow_ups f where f.done_at is null and f.kind <> 'look' and f.due <= ${day}::date and f.person_id = any(${sql.param([...lives.keys()])}::uuid[])
		order by f.due, f.person_id`);
	for (const { personId, kind, dueOn, assessmentId } of rows) {
		const life = lives.get(personId);
		if (!life || assessmentId === null) continue;
		week.touched.add(personId);
		if (kind === 'check-in') life.checkIn(week, dueOn, assessmentId);
		else life.recheck(week, dueOn, assessmentId);
	}
	if (rows.length > 0)
		await db
			.update(followUps)
			.set({ doneAt: until, outcome: 'asked' })
			.where(
				inArray(
					followUps.id,
					rows.map(({ id }) => id)
				)
			);
	const recalled = await db.execute<{ personId: string }>(sql`
		update plans p set reminded_at = p.remind_on from assessments a where a.id = p.assessment_id and p.remind_on <= ${day}::date and p.reminded_at is null
			and p.ended_at is null and a.person_id = any(${sql.param([...lives.keys()])}::uuid[]) returning a.person_id as "personId"`);
	for (const { personId } of recalled.rows) week.touched.add(personId);
}

/**
 * Lets many people live through two years at once, week by week: the lives are drawn, the program assesses them. Cost: some ten statements
 * a week for all of them together, and a plan for each time that somebody answers, about 50 ms.
 * @param drawn who they are; each number gives a life of its own, the same at every start
 */
export async function liveTogether(
	db: Db,
	drawn: readonly { readonly n: number; readonly person: NewPerson }[],
	now: Date
): Promise<string[]> {
	const start = now.getTime() - FIRST_DAY_AGO * DAY_MS;
	const weeks: Happening[][] = Array.from(
		{ length: Math.ceil((FIRST_DAY_AGO * DAY_MS) / WEEK_MS) },
		() => []
	);
	const weekOf = (at: Date) =>
		Math.min(weeks.length - 1, Math.max(0, Math.floor((at.getTime() - start) / WEEK_MS)));
	let current = 0;
	// What falls into a week that is over happens in the one that is being lived.
	const later = (happening: Happening) => weeks[Math.max(current, weekOf(happening.at))]?.push(happening);
	const lives = drawn.map(({ n, person }) => new PlainLife(person, n, now, later));
	const byId = new Map<string, PlainLife>(lives.map((life) => [life.personId, life]));
	const added = new Date(start);
	for (let at = 0; at < lives.length; at += CHUNK)
		await db
			.insert(people)
			.values(
				lives
					.slice(at, at + CHUNK)
					.map(({ personId, person }) => ({ id: personId, ...person, createdAt: added }))
			);
	for (; current < weeks.length; current += 1) {
		const end = new Date(Math.min(start + (current + 1) * WEEK_MS, now.getTime()));
		const week = new Week();
		await passDue(db, byId, week, end);
		const mine = weeks[current] ?? [];
		// Acts of this week may lead to others within it.
		for (let i = 0; i < mine.length; i += 1) {
			mine.splice(i, mine.length - i, ...mine.slice(i).sort((a, b) => a.at.getTime() - b.at.getTime()));
			await mine[i]?.run(week);
		}
		if (week.touched.size > 0) await write(db, week, end);
	}
	for (const { id, place } of await lockPeople(db, [...byId.keys()])) {
		const look = byId.get(id)?.look(place);
		if (look) await db.insert(followUps).values({ personId: id, kind: 'look', ...look });
	}
	const last = new Week();
	for (const [i, { personId }] of lives.entries()) {
		last.touched.add(personId);
		// A few wait for the coordinator with a plan that they haven't begun.
		if (i % ONE_WAITS_IN > 0) last.seen.push({ personId, at: new Date(now.getTime() - WEEK_MS) });
	}
	await write(db, last, now);
	return [...byId.keys()];
}
