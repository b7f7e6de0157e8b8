import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';
import fc from 'fast-check';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SHIPPED_RULES } from '$lib/core/platform/rules/shipped-rules';
import { checklistField, redFlagField } from '$lib/core/questionnaire/answers/checklist-fields';
import { RED_FLAGS, type RedFlag } from '$lib/core/cases/discomfort/red-flags';
import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { storeRemeasurement } from '$lib/server/questionnaire/assessments/save-remeasurement';
import { saveAnswers, saveRedFlagsOfLeaver } from '$lib/server/questionnaire/assessments/save-answers';
import { submitAnswers } from '$lib/server/questionnaire/assessments/submit-answers';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { closableItemsOf } from '$lib/server/cases/case-page';
import { markMessagesRead, writeToCoordinator } from '$lib/server/cases/messages';
import { addNote } from '$lib/server/cases/notes';
import { reopenCase, settleCase } from '$lib/server/cases/settle-case';
import { answerCheckIn } from '$lib/server/cases/check-ins/answer-check-in';
import { recordContact } from '$lib/server/cases/contacts/record-contact';
import { schema } from '$lib/server/platform/db/client';
import { DomainError } from '$lib/server/platform/domain-error';
import { tickFinding } from '$lib/server/cases/findings/tick-finding';
import { setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { reassessCase, assessmentResultOf } from '$lib/server/cases/case-assessments/reassess-cases';
import { loadCaseRecord } from '$lib/server/cases/case-assessments/load-case-record';
import { markAsReturned, markAsLeft } from '$lib/server/people/mark-as-left';
import { readPersonPlace } from '$lib/server/people/lock-person';
import { clearEmergency } from '$lib/server/cases/warning-signs/clear-emergency';
import { planHere } from '../support/planning';
import { currentPlanOf } from '$lib/server/plan/plans/current-plan';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import { act, CALLED, Desk, MIRELA, PAINLESS, putRight, type TestUser } from '../support/desk';
import { timesOf } from '../support/rotation';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const { assessments, assessmentResults, reportedDiscomfort, reportedSigns } = schema;

/** A assessment result but for what is of today alone. */
function lasting({ reasons, ...rest }: AssessmentResult) {
	return {
		...rest,
		reasons: reasons.map(({ on, ...reason }) => (reason.code === 'nothing-open' ? reason : { on, ...reason }))
	};
}

/** The assessment result of everything that is kept of a person, made from nothing. */
async function madeAfresh(personId: string, at: Date): Promise<AssessmentResult> {
	const person = await readPersonPlace(db(), personId);
	if (!person) throw new Error('nobody');
	return assessmentResultOf(await loadCaseRecord(db(), person, at), person, SHIPPED_RULES);
}

/** Waits for acts that happen at once. Refusals are answers; anything else is a failure. @returns which were done */
async function allOf(acts: readonly Promise<unknown>[]): Promise<boolean[]> {
	const results = await Promise.allSettled(acts);
	return results.map((result) => {
		if (result.status === 'fulfilled') return true;
		if (!(result.reason instanceof DomainError)) throw result.reason;
		return false;
	});
}

type Person = Awaited<ReturnType<Desk['answered']>>;
type Deed = (person: Person, user: TestUser, at: Date) => Promise<unknown>;

const CHEST: RedFlag = 'chest-pain';
const NIGHT: RedFlag = 'wakes-at-night';

const fresh = ({ token }: Person) => openAssessment(db(), token);

async function answerAnew(person: Person, fields: Readonly<Record<string, string>>, at: Date) {
	await saveAnswers(db(), await fresh(person), fields, at);
	await submitAnswers(db(), await fresh(person), at, planHere);
}

async function tickAll(person: Person, done: boolean, at: Date) {
	const open = await fresh(person);
	const plan = await currentPlanOf(db(), open.assessment.id);
	for (const { place } of plan?.steps ?? []) await tickStep(db(), open, { thing: place, done }, at);
	if (done) await putRight(db(), open, at);
}

/** What a person does. */
const PERSONS: Readonly<Record<string, Deed>> = {
	'says that the chest hurts': async (p, _, at) =>
		saveAnswers(db(), await fresh(p), { [redFlagField(CHEST)]: 'yes' }, at),
	'says that it does not': async (p, _, at) =>
		saveAnswers(db(), await fresh(p), { [redFlagField(CHEST)]: 'no' }, at),
	'tapped it by mistake': async (p, _, at) => clearEmergency(db(), await fresh(p), 'mistake', [], at),
	'was seen by a doctor': async (p, _, at) => clearEmergency(db(), await fresh(p), 'seen', [], at),
	'has chained strips': (p, _, at) => answerAnew(p, { [checklistField('strips')]: 'into-another' }, at),
	'puts the strips right': async (p, _, at) =>
		tickFinding(db(), await fresh(p), { finding: 'chained-strips', how: 'done' }, at),
	'can’t put the strips right': async (p, _, at) =>
		tickFinding(db(), await fresh(p), { finding: 'chained-strips', how: 'not-here' }, at),
	'takes that back': async (p, _, at) =>
		tickFinding(db(), await fresh(p), { finding: 'chained-strips', how: 'open' }, at),
	'wakes at night': (p, _, at) => answerAnew(p, { [redFlagField(NIGHT)]: 'yes' }, at),
	'sleeps again': (p, _, at) => answerAnew(p, { [redFlagField(NIGHT)]: 'no' }, at),
	'hurts much': (p, _, at) => answerAnew(p, { 'pain.neck.worst': '9', 'pain.neck.days': '5' }, at),
	'hurts little': (p, _, at) => answerAnew(p, { 'pain.neck.worst': '2', 'pain.neck.days': '1' }, at),
	'has another table': (p, _, at) => answerAnew(p, { surfaceHeight: '71' }, at),
	'ticks everything': (p, _, at) => tickAll(p, true, at),
	'unticks everything': (p, _, at) => tickAll(p, false, at),
	'measures again': async (p, _, at) =>
		storeRemeasurement(
			db(),
			await fresh(p),
			{ seatUnder: 500, feetOn: 80, surface: 752, keysOn: 752, screenTop: 1240 },
			at
		),
	'checks in, all well': async (p, _, at) =>
		answerCheckIn(db(), await fresh(p), { signs: [], discomfort: [], undone: [], news: [] }, at),
	'checks in, undone and unwell': async (p, _, at) =>
		answerCheckIn(
			db(),
			await fresh(p),
			{ signs: [NIGHT], discomfort: [], undone: ['screen'], news: ['chair'] },
			at
		),
	writes: async (p, _, at) => writeToCoordinator(db(), await fresh(p), { text: 'Hm', key: randomUUID() }, at),
	'asks for a monitor': async (p, _, at) =>
		requestEquipment(db(), await fresh(p), { purchase: 'monitor', wanted: true }, at)
};

/** What a coordinator does; each can be taken back. */
const DESK: Readonly<
	Record<string, (person: Person, user: TestUser, at: Date, key?: string) => Promise<unknown>>
> = {
	settles: ({ personId }, user, at, key = randomUUID()) =>
		settleCase(db(), user, { ...act(personId), key, reason: '' }, at),
	'opens again': ({ personId }, user, at, key = randomUUID()) =>
		reopenCase(db(), user, { ...act(personId), key }, at),
	'reads the messages': ({ personId }, user, at, key = randomUUID()) =>
		markMessagesRead(db(), user, { ...act(personId), key }, at),
	notes: ({ personId }, user, at, key = randomUUID()) =>
		addNote(db(), user, { ...act(personId), key, text: 'Something' }, at),
	'reaches nobody': ({ personId }, user, at, key = randomUUID()) =>
		recordContact(
			db(),
			user,
			{ ...act(personId), ...CALLED, key, result: 'no-answer', next: null, nextOn: '2026-03-05' },
			at
		),
	'closes what is open': async ({ personId }, user, at, key = randomUUID()) => {
		const closes = closableItemsOf(await desk.judged(personId));
		const input = { ...act(personId), ...CALLED, key, whom: 'Person', closes };
		await recordContact(db(), user, input, at);
	},
	'sets a look': ({ personId }, user, at, key = randomUUID()) =>
		setFollowUp(db(), user, { key, personId, kind: 'look', due: '2026-03-09', reason: 'Look', seen: 0 }, at),
	'marks as left': ({ personId }, user, at, key = randomUUID()) =>
		markAsLeft(db(), user, { ...act(personId), key }, at),
	'marks as back': ({ personId }, user, at, key = randomUUID()) =>
		markAsReturned(db(), user, { ...act(personId), key }, at)
};

/** Who stays is what is done at once here: someone who leaves is tested by the acts that are taken back. */
const AT_ONCE = Object.keys(DESK).filter((name) => !name.startsWith('marks'));

describe('the newest assessment result', () => {
	const names = [...Object.keys(PERSONS), ...AT_ONCE];
	const batches = fc.array(fc.array(fc.constantFrom(...names), { minLength: 1, maxLength: 4 }), {
		minLength: 1,
		maxLength: 6
	});

	it('is what is made afresh of all that is kept, whatever two coordinators and the person do at once, and loses no sign', async () => {
		let signsOpen = 0;
		await fc.assert(
			fc.asyncProperty(batches, async (acts) => {
				const person = await desk.answered();
				const { personId } = person;
				const said = new Map<RedFlag, number>();
				const closed = new Map<string, number>();
				for (const [n, batch] of acts.entries()) {
					const at = desk.later(n + 1);
					const before = closableItemsOf(await desk.judged(personId));
					const done = await allOf(
						batch.map((name, i) => {
							const user = i % 2 ? desk.second : desk.coordinator;
							const deed = PERSONS[name] ?? DESK[name];
							if (!deed) throw new Error(name);
							return deed(person, user, at);
						})
					);
					for (const [i, name] of batch.entries()) {
						if (!done[i]) continue;
						if (name === 'says that the chest hurts') said.set(CHEST, n);
						if (name === 'wakes at night' || name.endsWith('unwell')) said.set(NIGHT, n);
						if (name === 'closes what is open')
							for (const one of [...before, CHEST, NIGHT]) closed.set(one, n);
					}
					const stored = await desk.judged(personId);
					expect(lasting(stored)).toEqual(lasting(await madeAfresh(personId, at)));
					// The list says the same: the level, and whether the person's side is stopped.
					const stops = stored.reasons.some(({ code, lifted }) => code === 'emergency-sign' && !lifted);
					expect(await desk.listed(personId)).toMatchObject({ level: stored.level, isStopped: stops });
					// A sign that was closed is open again only where it is said again; one that was not is open for good.
					const open = new Set(stored.reasons.flatMap(({ sign }) => sign ?? []));
					for (const [sign, when] of said)
						if (!closed.has(sign)) {
							expect(open, `${sign} said in ${when}`).toContain(sign);
							signsOpen += 1;
						}
				}
				const { assessmentResultId } = await desk.listed(personId);
				await reassessCase(db(), personId, desk.later(30));
				expect((await desk.listed(personId)).assessmentResultId).toBe(assessmentResultId);
			}),
			// The first story leaves a sign open whatever chance brings after it.
			{ numRuns: timesOf(8), examples: [[[['wakes at night'], ['notes']]]] }
		);
		expect(signsOpen).toBeGreaterThan(0);
	});

	it('is as it was before an act that is taken back', async () => {
		await fc.assert(
			fc.asyncProperty(
				fc.array(fc.constantFrom(...Object.keys(PERSONS)), { maxLength: 4 }),
				fc.constantFrom(...Object.keys(DESK)),
				async (first, name) => {
					const person = await desk.answered();
					const { personId } = person;
					for (const [n, deed] of first.entries())
						await allOf([PERSONS[deed]?.(person, desk.coordinator, desk.later(n + 1)) ?? Promise.resolve()]);
					if (name === 'marks as back')
						await markAsLeft(db(), desk.coordinator, act(personId), desk.later(8));
					const rowOf = async () => {
						const { version: _, assessmentResultId: __, ...row } = await desk.listed(personId);
						return row;
					};
					const before = [await rowOf(), lasting(await desk.judged(personId))];
					const key = randomUUID();
					const [isDone] = await allOf([
						DESK[name]?.(person, desk.coordinator, desk.later(9), key) ?? Promise.resolve()
					]);
					if (isDone) await undoActs(db(), desk.coordinator, key, desk.later(10));
					expect([await rowOf(), lasting(await desk.judged(personId))]).toEqual(before);
				}
			),
			{ numRuns: timesOf(8) }
		);
	});

	it('has the corner as the plan promised once every step is done, and as before where all are unticked', async () => {
		const person = await desk.answered();
		const { first, standing } = await desk.judged(person.personId);
		expect(standing).toEqual(first);
		await tickAll(person, true, desk.later(1));
		const plan = await currentPlanOf(db(), person.open.assessment.id);
		const done = await desk.judged(person.personId);
		expect(done.standing.map(({ id, verdict }) => [id, verdict])).toEqual(
			plan?.plan?.after.map(({ id, verdict }) => [id, verdict])
		);
		for (const [i, { value }] of done.standing.entries())
			expect(value).toBeCloseTo(plan?.plan?.after[i]?.value ?? NaN, 6);
		expect(done.first).toEqual(first);
		expect(done.plan).toMatchObject({ carriedOut: '2026-03-02', done: plan?.steps.length });
		await tickAll(person, false, desk.later(2));
		expect((await desk.judged(person.personId)).standing).toEqual(first);
	});

	it('is never rewritten', async () => {
		const { personId } = await desk.answered();
		const change = `update assessment_results set level = 'done' where person_id = '${personId}'`;
		await expect(desk.test.pool.query(change)).rejects.toThrow('never rewritten');
	});
});

describe('an outcome', () => {
	const grave = { ...PAINLESS, [redFlagField(NIGHT)]: 'yes' };

	it('needs whom, what and what comes next, and closes what it names and nothing else', async () => {
		const { personId } = await desk.answered({ ...grave, [redFlagField('new-weakness')]: 'yes' });
		const refused = async (over: Parameters<Desk['reach']>[1]) => {
			const [isDone] = await allOf([
				desk.reach(personId, { closes: [NIGHT], whom: 'P', ...over }, desk.later(1))
			]);
			expect(isDone, JSON.stringify(over)).toBe(false);
		};
		await refused({ whom: ' ' });
		await refused({ said: '' });
		await refused({ next: null });
		await refused({ next: 'look', nextOn: '' });
		await refused({ next: 'nothing', why: '' });
		await refused({ next: 'referral' });
		await refused({ result: 'no-answer' });
		await refused({ closes: ['chest-pain'] });
		await desk.reach(
			personId,
			{ closes: [NIGHT], whom: 'P', next: 'look', nextOn: '2026-03-12' },
			desk.later(2)
		);
		const { reasons, level } = await desk.judged(personId);
		expect(reasons.flatMap(({ sign }) => sign ?? [])).toEqual(['new-weakness']);
		expect(level).toBe('urgent');
		expect((await desk.listed(personId)).followUpOn).toBe('2026-03-12');
	});

	it('opens again when it is taken back, and when the sign is said again', async () => {
		const person = await desk.answered(grave);
		const { personId } = person;
		const key = await desk.reach(personId, { closes: [NIGHT], whom: 'P' }, desk.later(1));
		const isOpen = async () => (await desk.judged(personId)).reasons.some(({ sign }) => sign === NIGHT);
		expect(await isOpen()).toBe(false);
		await undoActs(db(), desk.coordinator, key, desk.later(2));
		expect(await isOpen()).toBe(true);
		await desk.reach(personId, { closes: [NIGHT], whom: 'P' }, desk.later(3));
		const said = { signs: [NIGHT], discomfort: [], undone: [], news: [] };
		await answerCheckIn(db(), await fresh(person), said, desk.later(4));
		expect(await isOpen()).toBe(true);
	});

	it('stays possible after the person has left, and their sign is taken all the same', async () => {
		const person = await desk.answered(PAINLESS);
		await markAsLeft(db(), desk.coordinator, act(person.personId), desk.later(1));
		const open = await openAssessment(db(), person.token, { evenIfLeft: true });
		await saveRedFlagsOfLeaver(db(), open, { [redFlagField(CHEST)]: 'yes', stature: '200' }, desk.later(2));
		expect(await desk.listed(person.personId)).toMatchObject({ level: 'emergency', openSince: '2026-03-02' });
		const [row] = await db().select().from(assessments).where(eq(assessments.id, open.assessment.id));
		expect(row?.answers.stature).toBe(PAINLESS.stature);
		await desk.reach(person.personId, { closes: [CHEST], whom: 'P' }, desk.later(3));
		expect((await desk.listed(person.personId)).openSince).toBeNull();
	});
});

/** People who withdraw; the whole measure is 200. */
const WITHDRAWALS = Number(process.env.WITHDRAWALS ?? 40);

describe('a withdrawal', () => {
	it('leaves no answer, whatever is saved and submitted beside it, and nothing fails', async () => {
		for (let left = WITHDRAWALS; left > 0; left -= 8)
			await Promise.all(
				Array.from({ length: Math.min(8, left) }, async (_, i) => {
					const person = await desk.answered();
					const { open, personId } = person;
					const at = (n: number) => desk.later(n);
					await allOf([
						saveAnswers(db(), open, { stature: '170' }, at(1)),
						submitAnswers(db(), open, at(1), planHere),
						...(i % 2 ? [saveAnswers(db(), open, { 'pain.neck.worst': '7' }, at(1))] : []),
						withdrawAnswers(db(), open, at(1)),
						tickStep(db(), open, { thing: 'screen', done: true }, at(1)),
						saveAnswers(db(), open, { surfaceHeight: '70' }, at(1)),
						submitAnswers(db(), open, at(1), planHere)
					]);
					const [row] = await db().select().from(assessments).where(eq(assessments.id, open.assessment.id));
					expect(row).toMatchObject({
						answers: {},
						workstation: null,
						discomfort: null,
						answeredAt: null,
						signs: []
					});
					for (const table of [reportedDiscomfort, schema.plans, schema.remeasurements])
						expect(await db().$count(table, eq(table.assessmentId, open.assessment.id))).toBe(0);
					expect(
						await db().$count(assessmentResults, eq(assessmentResults.personId, personId))
					).toBeLessThanOrEqual(1);
				})
			);
	});

	it('keeps a sign that nobody has dealt with, and forgets one that someone has', async () => {
		const person = await desk.answered({
			...MIRELA,
			[redFlagField(NIGHT)]: 'yes',
			[redFlagField('new-weakness')]: 'yes'
		});
		await desk.reach(person.personId, { closes: ['new-weakness'], whom: 'P' }, desk.later(1));
		await withdrawAnswers(db(), await fresh(person), desk.later(2));
		const { reasons, worsts } = await desk.judged(person.personId);
		expect(reasons.flatMap(({ sign }) => sign ?? [])).toEqual([NIGHT]);
		expect(worsts).toEqual([]);
		const kept = await db().select().from(reportedSigns).where(eq(reportedSigns.personId, person.personId));
		expect(kept.map(({ sign }) => sign)).toEqual([NIGHT]);
	});
});

describe('the signs', () => {
	it('are all asked for, and each stands with the case as soon as it is said', async () => {
		const person = await desk.answered(PAINLESS);
		for (const [n, sign] of RED_FLAGS.entries()) {
			await saveAnswers(db(), await fresh(person), { [redFlagField(sign)]: 'yes' }, desk.later(n + 1));
			const { reasons } = await desk.judged(person.personId);
			expect(reasons.flatMap((reason) => reason.sign ?? [])).toHaveLength(n + 1);
		}
	});
});
