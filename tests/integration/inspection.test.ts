import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, expect, it } from 'vitest';
import { schema } from '$lib/server/platform/db/client';
import { personInspectionRecord } from '$lib/server/cases/inspection/person-record';
import { roundInspectionRecord } from '$lib/server/cases/inspection/round-record';
import { tickFinding } from '$lib/server/cases/findings/tick-finding';
import { createRound } from '$lib/server/people/rounds/edit-rounds';
import { startRound } from '$lib/server/people/rounds/run-round';
import { sendRoundBatches } from '$lib/server/people/rounds/send-round';
import { Desk, faultOf, MIRELA } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

it('the record of a person has what was assessed, found and done, by whom, and nothing of their health', async () => {
	const answers = { ...MIRELA, 'sign.one-calf-swollen': 'yes', 'check.papers': 'flat' };
	const { personId, open } = await desk.answered(answers);
	await desk.reach(personId, { said: 'A private matter' }, desk.later(10));
	await tickFinding(db(), open, { finding: 'papers-flat', how: 'done' }, desk.later(20));
	const record = await personInspectionRecord(db(), desk.coordinator, personId, desk.later(30));
	expect(record.assessments).toMatchObject([{ checklistVersion: 3, answeredAt: now }]);
	expect(record.problems).toContainEqual({ id: 'papers-flat', how: 'done' });
	expect(record.standing.map(({ id }) => id)).toContain('eye');
	expect(record.steps.length).toBeGreaterThan(0);
	expect(record.acted).toMatchObject([{ name: 'one' }]);
	expect(record.reviewOn).toMatch(/^2026-/);
	const text = JSON.stringify(record);
	for (const word of ['calf', 'private', 'worst', 'pain.', 'neck', 'discomfort', 'sign'])
		expect(text).not.toContain(word);
	const lines = await db().select().from(schema.auditLines).where(eq(schema.auditLines.personId, personId));
	expect(lines.map(({ act }) => act)).toContain('case-read');
	for (const actor of [desk.reader, desk.clinician])
		expect(await faultOf(personInspectionRecord(db(), actor, personId, now))).toBe('not-allowed');
});

it('the record of somebody who hasn’t answered says so', async () => {
	const personId = await desk.person();
	expect(await personInspectionRecord(db(), desk.coordinator, personId, now)).toMatchObject({
		assessments: [],
		problems: [],
		steps: [],
		reviewOn: null
	});
});

it('the record of a round lists who was invited by name, with what is open and done, and counts all', async () => {
	await desk.person({ team: 'Inspected' });
	await desk.person({ team: 'Inspected' });
	const id = await createRound(
		db(),
		desk.coordinator,
		{
			name: 'Inspected',
			filter: { teams: ['Inspected'], country: '', notAnsweredWithinDays: 0 },
			sittingStyle: 'open',
			questionnaireMode: 'short',
			breakSchedule: 'half-hour',
			subject: 'A look, {name}',
			body: 'Hello {name}, until {until}.',
			startsOn: '2026-03-02',
			dueOn: '2026-03-30',
			timeZone: 'Europe/Lisbon'
		},
		now
	);
	await startRound(db(), desk.coordinator, { id, version: 1, expected: 2 }, now);
	await sendRoundBatches(db(), () => now);
	const record = await roundInspectionRecord(db(), desk.coordinator, id);
	expect(record).toMatchObject({
		invited: 2,
		answered: 0,
		round: { checklistVersion: 3, name: 'Inspected' }
	});
	expect(record.people).toHaveLength(2);
	expect(record.people[0]).toMatchObject({
		team: 'Inspected',
		answeredOn: null,
		openProblems: null,
		steps: 0
	});
	const names = record.people.map(({ name }) => name);
	expect(names).toEqual([...names].sort());
	expect(await faultOf(roundInspectionRecord(db(), desk.clinician, id))).toBe('not-allowed');
});
