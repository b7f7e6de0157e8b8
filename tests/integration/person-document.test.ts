import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { addNote } from '$lib/server/cases/notes';
import { writeToCoordinator } from '$lib/server/cases/messages';
import { schema } from '$lib/server/platform/db/client';
import { readPersonDocument } from '$lib/server/questionnaire/privacy/person-document';
import { act, Desk, faultOf, MIRELA } from '../support/desk';

const { auditLines } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

describe('what is held about a person, as a document', () => {
	it('has their answers, requests and messages, the notes disclosed to them, and every act counted', async () => {
		const { personId, open } = await desk.answered(MIRELA);
		await writeToCoordinator(db(), open, { text: 'My chair squeaks', key: randomUUID() }, now);
		await requestEquipment(db(), open, { purchase: 'footrest', wanted: true }, now);
		await addNote(db(), desk.coordinator, { ...act(personId), text: 'Told them about the towel' }, now);
		const mine = { ...act(personId), text: 'Just for me', isDisclosed: false };
		await addNote(db(), desk.coordinator, mine, now);
		const document = await readPersonDocument(db(), desk.coordinator, personId, now);
		expect(document.answers).toMatchObject([{ isOtherSpot: false, way: expect.any(String) }]);
		expect(document.answers[0]?.plans.length).toBeGreaterThan(0);
		expect(document.equipment).toMatchObject([{ purchase: 'footrest', state: 'asked' }]);
		const said = JSON.stringify(document.timeline);
		expect(said).toContain('My chair squeaks');
		expect(said).toContain('Told them about the towel');
		expect(said).not.toContain('Just for me');
		const lines = await db().$count(auditLines, eq(auditLines.personId, personId));
		expect(document.acts.reduce((sum, { times }) => sum + times, 0)).toBe(lines);
		expect(await faultOf(readPersonDocument(db(), desk.reader, personId, now))).toBe('not-allowed');
	});
});
