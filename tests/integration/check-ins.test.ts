import { and, asc, eq, like } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { checklistFrom } from '$lib/core/questionnaire/checklist/own-checklist';
import { MAX_PER_DAY } from '$lib/server/questionnaire/assessments/link-limits';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { writeToCoordinator } from '$lib/server/cases/messages';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { answerCheckIn } from '$lib/server/cases/check-ins/answer-check-in';
import { processDueCases } from '$lib/server/cases/check-ins/process-due-cases';
import { remindCheckIns } from '$lib/server/cases/check-ins/remind-check-ins';
import { schema } from '$lib/server/platform/db/client';
import { fieldsOfItemsGone, stillInPlaceField } from '$lib/core/questionnaire/answers/in-place-items';
import { currentPlanOf, stepEventsOf, stepTicksOfPlan } from '$lib/server/plan/plans/current-plan';
import { inPlaceSince } from '$lib/server/plan/plans/earlier-plan';
import { tickStep } from '$lib/server/plan/plans/tick-step';
import { act, Desk, faultOf, PAINLESS, putRight } from '../support/desk';
import { markAsLeft } from '$lib/server/people/mark-as-left';

let desk: Desk;
/** A Monday. */
const now = new Date('2026-03-02T09:00:00Z');
const at = (day: string) => new Date(`${day}T10:00:00Z`);
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const { checkIns, followUps, emails } = schema;
const NOTHING = { signs: [], discomfort: [], undone: [], news: [] } as const;

/** Someone who has done every step of their plan, on the day of `now`. */
async function carriedOut() {
	const person = await desk.answered(PAINLESS);
	const plan = await currentPlanOf(db(), person.open.assessment.id);
	for (const { place } of plan?.steps ?? [])
		await tickStep(db(), person.open, { thing: place, done: true }, desk.later(60));
	await putRight(db(), person.open, desk.later(60));
	await desk.settle([person.personId], desk.later(90));
	return { ...person, steps: (plan?.steps ?? []).map(({ place }) => place) };
}

/** Subjects of the letters that went to a person, oldest first. */
async function subjects(personId: string): Promise<string[]> {
	const rows = await db()
		.select({ subject: emails.subject })
		.from(emails)
		.where(eq(emails.personId, personId))
		.orderBy(asc(emails.writtenAt));
	return rows.map(({ subject }) => subject);
}

const openOf = (personId: string, kind: 'check-in' | 'recheck') =>
	db()
		.select({ due: followUps.due, doneAt: followUps.doneAt })
		.from(followUps)
		.where(and(eq(followUps.personId, personId), eq(followUps.kind, kind)))
		.orderBy(asc(followUps.due));

describe('a check-in', () => {
	it('is asked 14 and 42 days after the last step, once each, by letter', async () => {
		const { personId, open } = await carriedOut();
		expect((await openOf(personId, 'check-in')).map(({ due }) => due)).toEqual(['2026-03-16']);
		await processDueCases(db(), at('2026-03-15'));
		expect(await subjects(personId)).toHaveLength(1);
		await Promise.all([processDueCases(db(), at('2026-03-16')), processDueCases(db(), at('2026-03-16'))]);
		expect(await subjects(personId)).toHaveLength(2);
		const [letter] = await db()
			.select()
			.from(emails)
			.where(and(eq(emails.personId, personId), like(emails.linkPath, '%/check-in')));
		expect(letter?.linkPath).toMatch(/^\/c\/~[\w-]+\/check-in$/);
		await answerCheckIn(db(), open, NOTHING, at('2026-03-17'));
		expect((await openOf(personId, 'check-in')).map(({ due }) => due)).toEqual(['2026-03-16', '2026-04-13']);
	});

	it('that is not answered is reminded of after 3, 7 and 14 working days, then stands on the call list', async () => {
		const { personId } = await carriedOut();
		await processDueCases(db(), at('2026-03-16'));
		const seen: [string, number][] = [];
		for (let day = 16; day <= 31; day += 1) {
			const iso = `2026-03-${day}`;
			await remindCheckIns(db(), at(iso));
			const n = (await subjects(personId)).length;
			if (n !== (seen.at(-1)?.[1] ?? 2)) seen.push([iso, n]);
		}
		await remindCheckIns(db(), at('2026-04-09'));
		expect(seen).toEqual([
			['2026-03-19', 3],
			['2026-03-25', 4]
		]);
		expect(await subjects(personId)).toHaveLength(5);
		await remindCheckIns(db(), at('2026-04-10'));
		const { lines } = await readDaySheet(db(), desk.coordinator, '2026-04-10');
		expect(lines.find((line) => line.personId === personId)?.assessmentResult?.reasons).toMatchObject([
			{ code: 'request', what: 'silent' }
		]);
		// A late answer takes them off it.
		const [row] = await db().select().from(checkIns).where(eq(checkIns.personId, personId));
		const [main] = await db()
			.select()
			.from(schema.assessments)
			.where(eq(schema.assessments.id, row?.assessmentId ?? ''));
		if (!main) throw new Error('the check-in is of a self-assessment');
		const open = {
			assessment: main,
			personName: '',
			country: '',
			language: 'en',
			actor: { kind: 'person', personId, assessmentId: main.id },
			checklist: checklistFrom(3, null),
			ownChecklist: null
		} as const;
		await answerCheckIn(db(), open, NOTHING, at('2026-04-10'));
		expect((await desk.judged(personId)).reasons.map(({ what }) => what)).not.toContain('silent');
	});

	it('puts the corner back where a step came undone, and says worse again where it hurts again', async () => {
		const { personId, open, steps } = await carriedOut();
		const before = await desk.judged(personId);
		expect(before.plan?.carriedOut).toBe('2026-03-02');
		const [step] = steps;
		if (!step) throw new Error('a plan has steps');
		const sore = {
			region: 'neck',
			side: null,
			worst: 6,
			days: 4,
			hinders: 'no',
			kinds: ['ache']
		} as const;
		const said = { ...NOTHING, undone: [step], discomfort: [{ ...sore, kinds: [...sore.kinds] }] };
		await answerCheckIn(db(), open, said, at('2026-03-16'));
		const after = await desk.judged(personId);
		expect(after.standing).not.toEqual(before.standing);
		expect(after.plan).toMatchObject({ of: steps.length, done: steps.length - 1 });
		expect(after.level).toBe('soon');
		expect((await desk.listed(personId)).openSince).toBe('2026-03-16');
		// Done again, it stands again.
		await tickStep(db(), open, { thing: step, done: true }, at('2026-03-17'));
		expect((await desk.judged(personId)).standing).toEqual(before.standing);
	});

	it('is asked of nobody who has left', async () => {
		const { personId } = await carriedOut();
		await markAsLeft(db(), desk.coordinator, act(personId), at('2026-03-10'));
		await processDueCases(db(), at('2026-03-20'));
		expect(await subjects(personId)).toHaveLength(1);
	});
});

describe('a plan that nobody begins', () => {
	it('is recalled once, and then the person is called', async () => {
		const { personId } = await desk.answered(PAINLESS);
		await desk.settle([personId], desk.later(90));
		const { plan } = await desk.judged(personId);
		const remindOn = plan?.remindOn ?? '';
		expect(remindOn > '2026-03-02').toBe(true);
		for (let day = 0; day < 3; day += 1) await processDueCases(db(), at(remindOn));
		expect(await subjects(personId)).toHaveLength(2);
		const later = new Date(at(remindOn).getTime() + 60 * 86_400_000);
		await processDueCases(db(), later);
		expect((await desk.judged(personId)).reasons.map(({ code }) => code)).toContain('stuck');
	});
});

describe('the next full look', () => {
	it('comes after a year with the last answers put in, and ends when it is answered', async () => {
		const { personId } = await carriedOut();
		const [look] = await openOf(personId, 'recheck');
		expect(look?.due).toBe('2027-03-02');
		for (let tries = 0; tries < 2; tries += 1) await processDueCases(db(), at(look?.due ?? ''));
		const sent = await db()
			.select()
			.from(schema.assessments)
			.where(eq(schema.assessments.personId, personId))
			.orderBy(asc(schema.assessments.sentAt));
		expect(sent).toHaveLength(2);
		expect(sent[1]?.answers).toMatchObject({ stature: PAINLESS.stature });
		expect(Object.keys(sent[1]?.answers ?? {}).filter((name) => name.startsWith('sign.'))).toEqual([]);
		const asked = await db().select().from(checkIns).where(eq(checkIns.kind, 'recheck'));
		expect(asked.filter((row) => row.personId === personId)).toHaveLength(1);
	});
});

describe('what was put in place', () => {
	/** The steps of the plan after new answers, with whether each is done. */
	async function stepsNow(assessmentId: string) {
		const plan = await currentPlanOf(db(), assessmentId);
		if (!plan) throw new Error('Answers have a plan');
		return { plan, ticks: stepTicksOfPlan(await stepEventsOf(db(), plan.id)) };
	}

	/** Answers whose problems are lasting: nothing that is asked again each time. */
	const ASKEW = {
		...PAINLESS,
		'check.screens': 'one',
		'check.ahead': 'to-one-side',
		'check.walkway': 'out-of-the-way'
	};

	it('is asked about at the next look, and stays where nobody says otherwise', async () => {
		const person = await desk.answered(ASKEW);
		const before = await stepsNow(person.open.assessment.id);
		for (const { place } of before.plan.steps)
			await tickStep(db(), person.open, { thing: place, done: true }, desk.later(60));
		await putRight(db(), person.open, desk.later(60));
		const carriedOut = (await desk.judged(person.personId)).carriedOut;
		expect(carriedOut).toBe('2026-03-02');

		const { token } = await desk.send(person.personId, at('2026-09-01'));
		const asked = await openAssessment(db(), token);
		const inPlace = await inPlaceSince(db(), asked.assessment);
		expect(inPlace.steps.map(({ place }) => place)).toEqual(before.plan.steps.map(({ place }) => place));
		expect(inPlace.findings.length).toBeGreaterThan(0);

		// Answered as before: the same plan, every step done, nothing to put right again.
		const again = await desk.answer(person.personId, ASKEW, at('2026-09-01'));
		const after = await stepsNow(again.open.assessment.id);
		expect(after.plan.steps).toEqual(before.plan.steps);
		expect(after.plan.steps.filter(({ place }) => !after.ticks[place])).toEqual([]);
		const judged = await desk.judged(person.personId);
		expect(judged.findings).toEqual([]);
		expect(judged.reasons.map(({ code }) => code)).toEqual(['nothing-open']);
		expect(judged.plan).toMatchObject({ of: after.plan.steps.length, done: after.plan.steps.length });
	});

	it('is open again where it is there no more', async () => {
		const person = await desk.answered(ASKEW);
		const { plan } = await stepsNow(person.open.assessment.id);
		for (const { place } of plan.steps)
			await tickStep(db(), person.open, { thing: place, done: true }, desk.later(60));
		await putRight(db(), person.open, desk.later(60));
		const { findings } = await inPlaceSince(
			db(),
			(await openAssessment(db(), (await desk.send(person.personId, at('2026-09-01'))).token)).assessment
		);
		const [gone, finding] = [plan.steps.at(-1)?.place, findings[0]];
		if (!gone || !finding) throw new Error('There is something to have gone');
		const said = { ...ASKEW, [stillInPlaceField(gone)]: 'no', [stillInPlaceField(finding)]: 'no' };
		const again = await desk.answer(person.personId, said, at('2026-09-01'));
		const after = await stepsNow(again.open.assessment.id);
		expect(after.plan.steps.filter(({ place }) => !after.ticks[place]).map(({ place }) => place)).toEqual([
			gone
		]);
		const { reasons } = await desk.judged(person.personId);
		expect(reasons.map(({ code }) => code)).toEqual(expect.arrayContaining(['open-plan', 'findings']));
	});

	it('does not come along to another table', async () => {
		const { personId } = await carriedOut();
		const moved = { ...PAINLESS, ...fieldsOfItemsGone(['place']), surfaceHeight: '68' };
		const again = await desk.answer(personId, moved, at('2026-09-01'));
		const { ticks } = await stepsNow(again.open.assessment.id);
		expect(Object.values(ticks).filter(Boolean)).toEqual([]);
	});
});

describe('what a link may do in a day', () => {
	it('is far more than a person does, then refused for that day alone', async () => {
		const { open, token } = await desk.answered(PAINLESS);
		const write = (n: number, day: string) =>
			faultOf(
				writeToCoordinator(
					db(),
					open,
					{ text: `No. ${n}`, key: `00000000-0000-4000-8000-${String(n).padStart(12, '0')}` },
					at(day)
				)
			);
		for (let n = 1; n <= MAX_PER_DAY.message; n += 1) expect(await write(n, '2026-03-03')).toBe('none');
		expect(await write(900, '2026-03-03')).toBe('too-many');
		expect(await write(901, '2026-03-04')).toBe('none');
		expect((await openAssessment(db(), token)).assessment.id).toBe(open.assessment.id);
	});
});
