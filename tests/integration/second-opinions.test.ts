import { randomUUID } from 'node:crypto';
import { and, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { OPINION_SIZE } from '$lib/core/cases/second-opinion/compare-opinions';
import type { TriageLevel } from '$lib/core/cases/triage/policy';
import { regionScoreWords, signWords } from '$lib/messages/desk/triage-words';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { schema } from '$lib/server/platform/db/client';
import {
	askSecondOpinion,
	colleaguesOf,
	judgeSecondOpinion,
	listSecondOpinions,
	readSecondOpinion
} from '$lib/server/cases/second-opinions/second-opinions';
import { practiceLines } from '$lib/ui/cases/practice/practice-words';
import { Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

const { people, secondOpinionCases } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => {
	desk = await Desk.make(now);
	await desk.answered(MIRELA);
	await desk.answered(PAINLESS);
	await desk.answered({ ...MIRELA, 'pain.neck.worst': '8', 'pain.neck.days': '5' });
});
afterAll(() => desk.test.drop());

const ask = () => askSecondOpinion(db(), desk.coordinator, desk.second.id, now);

describe('a second opinion', () => {
	it('shows both the same cases without names or levels, until both have judged them', async () => {
		const id = await ask();
		const mine = await readSecondOpinion(db(), desk.coordinator, id);
		const theirs = await readSecondOpinion(db(), desk.second, id);
		expect(mine.cases.length).toBe(3);
		expect(mine.cases.length).toBeLessThanOrEqual(OPINION_SIZE);
		expect(theirs.cases).toEqual(mine.cases);
		for (const one of [mine, theirs]) {
			expect(one.compared).toBeNull();
			expect(JSON.stringify(one.cases)).not.toContain('Person ');
		}
		const levels: TriageLevel[] = mine.cases.map(() => 'soon');
		await judgeSecondOpinion(db(), desk.coordinator, id, levels);
		// Given once, and not shown to the other before they have given theirs.
		expect(await faultOf(judgeSecondOpinion(db(), desk.coordinator, id, levels))).toBe('conflict');
		expect((await readSecondOpinion(db(), desk.second, id)).compared).toBeNull();
		expect(await listSecondOpinions(db(), desk.second)).toMatchObject([
			{ id, colleague: 'one', isMineOpen: true, isTheirsOpen: false }
		]);
		expect(await faultOf(judgeSecondOpinion(db(), desk.second, id, ['soon']))).toBe('invalid');
		await judgeSecondOpinion(db(), desk.second, id, ['soon', 'soon', 'home']);

		const { compared } = await readSecondOpinion(db(), desk.second, id);
		expect(compared?.agreed).toBe(2);
		expect(compared?.people).toHaveLength(3);
		// Each reads their own level first.
		const seen = (await readSecondOpinion(db(), desk.coordinator, id)).compared?.differences;
		expect(compared?.differences.map(({ first, second }) => [second, first])).toEqual(
			seen?.map(({ first, second }) => [first, second])
		);
	});

	it('is for coordinators who may open the cases, with another one of them', async () => {
		expect((await colleaguesOf(db(), desk.coordinator)).map(({ name }) => name)).toEqual(['two']);
		const withNobody = (colleague: string) => askSecondOpinion(db(), desk.coordinator, colleague, now);
		for (const colleague of [desk.coordinator.id, desk.clinician.id, randomUUID()])
			expect(await faultOf(withNobody(colleague))).toBe('invalid');
		expect(await faultOf(askSecondOpinion(db(), desk.clinician, desk.second.id, now))).toBe('not-allowed');
		const id = await ask();
		expect(await faultOf(readSecondOpinion(db(), desk.reader, id))).toBe('not-allowed');
	});

	it('loses a case with its person, and compares the others', async () => {
		const id = await ask();
		const [gone] = await db().select().from(secondOpinionCases).where(eq(secondOpinionCases.opinionId, id));
		await db()
			.delete(people)
			.where(eq(people.id, gone?.personId ?? ''));
		const { cases } = await readSecondOpinion(db(), desk.coordinator, id);
		expect(cases).toHaveLength(2);
		for (const who of [desk.coordinator, desk.second])
			await judgeSecondOpinion(db(), who, id, ['done', 'soon', 'soon']);
		const { compared } = await readSecondOpinion(db(), desk.second, id);
		expect(compared?.agreed).toBe(2);
		expect(compared?.people).toHaveLength(2);
	});

	it('loses a case whose answers are withdrawn', async () => {
		const { open, personId } = await desk.answered(MIRELA);
		const id = await ask();
		const ofPerson = () => db().$count(secondOpinionCases, eq(secondOpinionCases.personId, personId));
		expect(await ofPerson()).toBe(1);
		await withdrawAnswers(db(), open, now);
		expect(await ofPerson()).toBe(0);
		expect((await readSecondOpinion(db(), desk.coordinator, id)).cases.length).toBeGreaterThan(0);
	});

	it('says of each case what its level rests on: discomfort as it was reported, and every warning sign', async () => {
		const { open, personId } = await desk.answered(MIRELA);
		await saveAnswers(db(), open, { 'sign.wakes-at-night': 'yes' }, desk.later(1));
		const { evidence, reasons } = await desk.judged(personId);
		const reported = Object.values(evidence).flat();
		expect(reported.length).toBeGreaterThan(0);
		expect(reasons.some(({ sign }) => sign === 'wakes-at-night')).toBe(true);
		const id = await ask();
		const [row] = await db()
			.select()
			.from(secondOpinionCases)
			.where(and(eq(secondOpinionCases.opinionId, id), eq(secondOpinionCases.personId, personId)));
		const { cases } = await readSecondOpinion(db(), desk.second, id);
		const record = cases.find(({ place }) => place === row?.place)?.record;
		const lines = record ? practiceLines(record).join('\n') : '';
		expect(lines).toContain(signWords('wakes-at-night'));
		expect(lines).not.toContain('No discomfort');
		for (const report of reported) expect(lines).toContain(regionScoreWords(report));
	});

	it('needs cases that were answered', async () => {
		const empty = await Desk.make(now);
		expect(await faultOf(askSecondOpinion(empty.test.db, empty.coordinator, empty.second.id, now))).toBe(
			'conflict'
		);
		await empty.test.drop();
	});
});
