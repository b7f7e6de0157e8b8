import { and, eq, isNull } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import type { ChecklistDocument } from '$lib/core/questionnaire/checklist/own-checklist';
import {
	removeFinding,
	removeItem,
	rewordItem
} from '$lib/core/questionnaire/checklist-editor/edit-checklist';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import {
	changeDraft,
	checklistToStartFrom,
	readEditedChecklist
} from '$lib/server/questionnaire/checklists/checklist-draft';
import { checklistFile } from '$lib/server/questionnaire/checklists/checklist-file';
import { checklistOfFile } from '$lib/server/questionnaire/checklists/checklist-form';
import { problemPage, questionPage, trialPage } from '$lib/server/questionnaire/checklists/part-page';
import {
	checklistPage,
	discardChecklistDraft,
	publishChecklist
} from '$lib/server/questionnaire/checklists/publish-checklist';
import { checklistAt, ownFindingNames } from '$lib/server/questionnaire/checklists/read-checklists';
import { saveProblem, saveQuestion } from '$lib/server/questionnaire/checklists/save-checklist-parts';
import { reassessCase } from '$lib/server/cases/case-assessments/reassess-cases';
import { schema } from '$lib/server/platform/db/client';
import { inTransaction } from '$lib/server/platform/db/transaction';
import { findingsAskedAbout } from '$lib/server/cases/findings/finding-states';
import { tickFinding } from '$lib/server/cases/findings/tick-finding';
import { readPlanPage } from '$lib/server/plan/plans/plan-page';
import { createRound, type RoundInput } from '$lib/server/people/rounds/edit-rounds';
import { startRound } from '$lib/server/people/rounds/run-round';
import { sendRoundBatches } from '$lib/server/people/rounds/send-round';
import { Desk, faultOf, MIRELA } from '../support/desk';

const { assessments, auditLines, observations, rounds } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;
const seenNow = async () => (await readEditedChecklist(db())).seen;

const LADDER = {
	id: null,
	station: 'safety' as const,
	isSafety: true,
	item: {
		when: [],
		answers: [
			{ id: 'a1', finding: null },
			{ id: 'a2', finding: 'new-1' }
		],
		isForAll: true,
		seconds: 8
	},
	words: {
		en: {
			question: 'Is anything heavy stored above your desk?',
			why: 'It could fall on you.',
			look: 'Look up.',
			answers: { a1: 'No', a2: 'Yes' }
		}
	},
	problems: [
		{
			isSafety: true,
			finding: { regions: [], household: [], shop: [] },
			words: {
				en: { name: 'Something heavy hangs above you', fix: 'Take it down and store it on the floor.' }
			}
		}
	]
};

const ROUND: RoundInput = {
	name: 'Ladders',
	filter: { teams: ['Ladders'], country: '', notAnsweredWithinDays: 0 },
	sittingStyle: 'upright',
	questionnaireMode: 'short',
	breakSchedule: 'half-hour',
	subject: 'A look, {name}',
	body: 'Hello {name}, until {until}.',
	startsOn: '2026-03-02',
	dueOn: '2026-03-30',
	timeZone: 'Europe/Lisbon'
};

/** The link of each person's answers. */
const opened = new Map<string, string>();
const answer = async (answers: Readonly<Record<string, string>>) => {
	const personId = await desk.person();
	const { token, submitted } = await desk.answer(personId, answers);
	expect(submitted.ok).toBe(true);
	opened.set(personId, token);
	return personId;
};
const openOf = (personId: string) => openAssessment(db(), opened.get(personId) ?? '');

const edit = async (change: (document: ChecklistDocument) => ChecklistDocument, by = desk.coordinator) =>
	changeDraft(db(), by, await seenNow(), now, change);
const publish = async (note = 'After an accident') =>
	publishChecklist(db(), desk.coordinator, { seen: await seenNow(), note }, now);
const versionOf = async (id: string) =>
	(await db().select().from(assessments).where(eq(assessments.id, id)))[0]?.checklistVersion;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

describe('the checklist of an organisation', () => {
	it('is the software’s until one is published; what is edited waits, and leads back to nothing where it is undone', async () => {
		expect(await checklistPage(db(), desk.coordinator)).toMatchObject({ version: 0, seen: 0, versions: [] });
		await edit((document) => removeItem(document, 'get-up'));
		expect(await checklistPage(db(), desk.coordinator)).toMatchObject({
			seen: 1,
			changes: { leftOut: ['get-up'] }
		});
		const sent = await desk.send(await desk.person());
		expect((await openAssessment(db(), sent.token)).checklist.items.map(({ id }) => id)).toContain('get-up');
		const unchanged = await checklistToStartFrom(db(), 0);
		await edit(() => unchanged);
		const ended = await readEditedChecklist(db());
		expect(ended.changed).toBeNull();
		// Its number only rises: a form from before is refused.
		expect(ended.seen).toBe(2);
	});

	it('is changed by one at a time, and by nobody who may not', async () => {
		const first = await seenNow();
		const reword = (document: ChecklistDocument) =>
			rewordItem(document, 'get-up', { en: { question: 'Do you get up?', why: '', look: '', answers: {} } });
		await changeDraft(db(), desk.coordinator, first, now, reword);
		expect(await faultOf(changeDraft(db(), desk.second, first, now, reword))).toBe('conflict');
		expect(await faultOf(discardChecklistDraft(db(), desk.coordinator, first, now))).toBe('conflict');
		for (const actor of [desk.reader, desk.clinician]) {
			expect(await faultOf(checklistPage(db(), actor))).toBe('not-allowed');
			expect(await faultOf(checklistFile(db(), actor, null))).toBe('not-allowed');
			expect(await faultOf(trialPage(db(), actor))).toBe('not-allowed');
			expect(await faultOf(changeDraft(db(), actor, 1, now, reword))).toBe('not-allowed');
		}
		await discardChecklistDraft(db(), desk.coordinator, await seenNow(), now);
		expect(await faultOf(questionPage(db(), desk.coordinator, { id: 'nothing', station: null }))).toBe(
			'not-found'
		);
		expect(await faultOf(problemPage(db(), desk.coordinator, 'own-light-9'))).toBe('not-found');
	});

	it('is published only with every word: then the next self-assessments and rounds ask it, and links that are out don’t', async () => {
		const before = await desk.send(await desk.person());
		const draft = await createRound(db(), desk.coordinator, ROUND, now);
		await desk.person({ team: 'Ladders' });
		const wordless = {
			...LADDER,
			problems: [{ ...LADDER.problems[0], words: { en: { name: '', fix: '' } } }]
		};
		await saveQuestion(db(), desk.coordinator, { seen: await seenNow(), posted: wordless as never }, now);
		expect(await faultOf(publish())).toBe('invalid');
		const { document, faults } = await checklistPage(db(), desk.coordinator);
		expect(faults.map(({ code }) => code)).toEqual(['no-name', 'no-fix']);
		const [problem] = document.findings;
		const posted = { id: problem?.id, station: 'safety', ...LADDER.problems[0] };
		await saveProblem(db(), desk.coordinator, { seen: await seenNow(), posted: posted as never }, now);
		expect(await publish(' After an accident ')).toBe(1);
		expect(await faultOf(publish())).toBe('conflict');

		expect(await versionOf(before.id)).toBe(3);
		const after = await desk.send(await desk.person());
		expect(await versionOf(after.id)).toBe(1001);
		const [round] = await db().select().from(rounds).where(eq(rounds.id, draft));
		await startRound(db(), desk.coordinator, { id: draft, version: round?.version ?? 0, expected: 1 }, now);
		await sendRoundBatches(db(), () => now);
		const sent = await db().select().from(assessments).where(eq(assessments.checklistVersion, 1001));
		expect(sent).toHaveLength(2);
		const [line] = await db().select().from(auditLines).where(eq(auditLines.act, 'checklist-published'));
		expect(line).toMatchObject({ detail: { version: 1 }, actorId: desk.coordinator.id });
		expect((await checklistPage(db(), desk.coordinator)).versions).toMatchObject([
			{ version: 1, note: 'After an accident', changes: { findings: [problem?.id] } }
		]);
	});

	it('leads from an answer to the case: a hazard of the organisation’s own stands there until it is fixed', async () => {
		const personId = await answer({ ...MIRELA, 'check.own-safety-2-safety': 'a2' });
		const judged = await desk.judged(personId);
		expect(judged.reasons).toContainEqual(
			expect.objectContaining({ code: 'hazard', level: 'soon', finding: 'own-safety-1-safety' })
		);
		expect(judged.actions[0]).toEqual({ act: 'hazard', what: 'own-safety-1-safety' });
		const [seen] = await db()
			.select()
			.from(observations)
			.where(and(eq(observations.personId, personId), isNull(observations.untilDay)));
		expect(seen?.findings).toContain('own-safety-1-safety');
		expect(await ownFindingNames(db(), 'de')).toEqual({
			'own-safety-1-safety': 'Something heavy hangs above you'
		});

		const open = await openOf(personId);
		const page = await readPlanPage(db(), open, 'token', now);
		expect(page?.findings.find(({ finding }) => finding === 'own-safety-1-safety')).toMatchObject({
			name: 'Something heavy hangs above you',
			fixes: ['Take it down and store it on the floor.'],
			station: 'Safety'
		});
		await tickFinding(db(), open, { finding: 'own-safety-1-safety', how: 'done' }, now);
		expect((await desk.judged(personId)).reasons.map(({ finding }) => finding)).not.toContain(
			'own-safety-1-safety'
		);
		expect(await findingsAskedAbout(db(), personId, now)).toContain('own-safety-1-safety');
		// Said again, it is open again.
		const field = 'check.own-safety-2-safety';
		await saveAnswers(db(), open, { [field]: 'a1' }, now);
		await saveAnswers(db(), await openOf(personId), { [field]: 'a2' }, now);
		expect((await desk.judged(personId)).reasons.map(({ finding }) => finding)).toContain(
			'own-safety-1-safety'
		);
	});

	it('never rewrites what was answered: a version without the question leaves earlier answers as they were given', async () => {
		const personId = await answer({ ...MIRELA, 'check.own-safety-2-safety': 'a2' });
		await edit((document) =>
			removeFinding(removeItem(document, 'own-safety-2-safety'), 'own-safety-1-safety')
		);
		expect(await publish('No longer needed')).toBe(2);
		await inTransaction(db(), (tx) => reassessCase(tx, personId, now));
		expect((await desk.judged(personId)).reasons.map(({ finding }) => finding)).toContain(
			'own-safety-1-safety'
		);
		const asked = (await openOf(personId)).checklist;
		expect(asked.version).toBe(1001);
		expect(asked.items.map(({ id }) => id)).toContain('own-safety-2-safety');
		expect((await checklistAt(db(), 1002)).items.map(({ id }) => id)).not.toContain('own-safety-2-safety');
		// What it was called is still known at the desk.
		expect((await checklistPage(db(), desk.coordinator)).names).toEqual({
			'own-safety-1-safety': 'Something heavy hangs above you',
			'own-safety-2-safety': 'Is anything heavy stored above your desk?'
		});
		expect(await ownFindingNames(db(), 'en')).toHaveProperty('own-safety-1-safety');
		// Started from again, nothing gets a number that was given before.
		const again = await checklistToStartFrom(db(), 1);
		expect(again.items.map(({ id }) => id)).toEqual(['own-safety-2-safety']);
		expect(again.numbers).toBe(2);
	});

	it('goes out as a file and comes in again; what is no checklist is refused with what is wrong', async () => {
		const { number, text } = await checklistFile(db(), desk.coordinator, 1);
		expect(number).toBe(1);
		expect(checklistOfFile(`\uFEFF${text}`)).toEqual(await checklistToStartFrom(db(), 1));
		for (const file of [
			'',
			'{}',
			'[]',
			text.replace('"safety"', '"cellar"'),
			text.replace('own-safety-1', 'x-1')
		])
			expect(() => checklistOfFile(file)).toThrow();
		expect((await checklistFile(db(), desk.coordinator, null)).number).toBe(2);
		expect(await faultOf(checklistFile(db(), desk.coordinator, 9))).toBe('not-found');
	});
});
