import { and, eq, isNull, sql } from 'drizzle-orm';
import type { Actor } from '../src/lib/server/actor';
import { addNote } from '../src/lib/server/cases/notes';
import { writeToPerson } from '../src/lib/server/cases/messages';
import { referCase } from '../src/lib/server/cases/refer';
import { judgeAnew } from '../src/lib/server/judgements/judge-anew';
import { lockPerson } from '../src/lib/server/people/lock-person';
import { schema, type Db } from '../src/lib/server/db/client';
import { seedRounds } from './demo-rounds';

const { assessments, cases, equipmentRequests, messages, people } = schema;

const DAY_MS = 86_400_000;

/** What the coordinator has on the desk: requests, messages, a referral, notes. */
export async function seedWork(
	db: Db,
	coordinator: Actor & { kind: 'user' },
	clinicianId: string,
	now: Date
): Promise<void> {
	await seedRounds(db, now);
	const ago = (days: number) => new Date(now.getTime() - days * DAY_MS);
	const some = await db
		.select({ personId: cases.personId, assessmentId: assessments.id, name: people.name })
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.innerJoin(assessments, and(eq(assessments.personId, cases.personId), isNull(assessments.spotOf)))
		.where(and(isNull(people.leftAt), eq(assessments.answeredAt, cases.answeredAt)))
		.orderBy(cases.personId)
		.limit(14);
	const WANTED = ['keyboard-and-mouse', 'monitor', 'footrest'] as const;
	const STATES = ['asked', 'asked', 'approved', 'sent', 'declined', 'arrived'] as const;
	for (const [i, { personId, assessmentId }] of some.slice(0, 6).entries())
		await db.transaction(async (tx) => {
			await lockPerson(tx, personId);
			const state = STATES[i] ?? 'asked';
			await tx.insert(equipmentRequests).values({
				assessmentId,
				purchase: WANTED[i % WANTED.length] ?? 'monitor',
				askedAt: ago(6 - (i % 4)),
				state,
				reason: state === 'declined' ? 'One from the store room is on its way instead' : '',
				changedAt: state === 'asked' ? null : ago(1)
			});
			await judgeAnew(tx, personId, ago(1));
		});
	const ASKED = [
		'The books slide on the laptop stand. What else could go under it?',
		'My footrest has arrived, but it tilts. Is that right?',
		'I moved house last week. Shall I measure everything again?'
	];
	for (const [i, text] of ASKED.entries()) {
		const person = some[6 + i];
		if (!person) continue;
		await db.transaction(async (tx) => {
			await lockPerson(tx, person.personId);
			await tx
				.insert(messages)
				.values({ personId: person.personId, fromPerson: true, at: ago(2 - i / 2), text, key: `seed ${i}` });
			await judgeAnew(tx, person.personId, ago(1));
		});
	}
	const written = some[10];
	if (written)
		await writeToPerson(
			db,
			coordinator,
			{
				personId: written.personId,
				text: 'How is the neck with the screen lower?',
				key: crypto.randomUUID()
			},
			ago(3)
		);
	const sore = await db
		.select({ personId: cases.personId })
		.from(cases)
		.where(and(eq(cases.level, 'clinician'), sql`${cases.openSince} is not null`))
		.orderBy(cases.personId)
		.limit(1);
	for (const { personId } of sore) {
		await referCase(
			db,
			coordinator,
			{
				key: crypto.randomUUID(),
				personId,
				version: null,
				clinicianId,
				question:
					'Sore for months in spite of what was changed. Please look at it before we change more at the desk.'
			},
			ago(1)
		);
		await addNote(
			db,
			coordinator,
			{
				key: crypto.randomUUID(),
				personId,
				text: 'Called on Monday; glad to be seen. Best reached before noon.'
			},
			ago(1)
		);
	}
}
