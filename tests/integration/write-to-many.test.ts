import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { writeToMany } from '$lib/server/cases/write-to-many';
import { messagesOf } from '$lib/server/cases/messages';
import { schema } from '$lib/server/platform/db/client';
import { Desk, faultOf } from '../support/desk';

const { people } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

async function named(name: string): Promise<string> {
	const personId = await desk.person();
	await db().update(people).set({ name }).where(eq(people.id, personId));
	await desk.send(personId);
	return personId;
}

describe('a message to several people', () => {
	it('calls each by their first name, once, and goes to all of them or to none', async () => {
		const [edda, bo] = [await named('Edda Fennimore'), await named('Bo {name} Larkwell')];
		const key = randomUUID();
		const write = (text: string, personIds: string[], once: string = key) =>
			writeToMany(db(), desk.coordinator, { personIds, text, key: once }, now);
		expect(await write('Hello {name}, see you.', [edda, bo, edda])).toBe(2);
		await write('Hello {name}, see you.', [edda, bo]);
		const textsOf = async (personId: string) => (await messagesOf(db(), personId)).map(({ text }) => text);
		expect(await textsOf(edda)).toEqual(['Hello Edda, see you.']);
		expect(await textsOf(bo)).toEqual(['Hello Bo, see you.']);
		// A field that nothing fills would go out as typed.
		expect(await faultOf(write('Dear {nmae}', [edda], randomUUID()))).toBe('invalid');
		expect(await faultOf(write('Dear {name}', [edda, randomUUID()], randomUUID()))).toBe('not-found');
		expect(await textsOf(edda)).toHaveLength(1);
		const asReader = { personIds: [edda], text: 'Hello', key: randomUUID() };
		expect(await faultOf(writeToMany(db(), desk.reader, asReader, now))).toBe('not-allowed');
	});
});
