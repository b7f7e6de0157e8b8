import { and, eq, isNull, sql } from 'drizzle-orm';
import type { Actor } from '../src/lib/server/platform/actor';
import { addNote } from '../src/lib/server/cases/notes';
import { writeToPerson } from '../src/lib/server/cases/messages';
import { writeOnReferral } from '../src/lib/server/cases/referrals/answer-referral';
import { referCase } from '../src/lib/server/cases/referrals/refer';
import { reassessCase } from '../src/lib/server/cases/case-assessments/reassess-cases';
import { lockPerson } from '../src/lib/server/people/lock-person';
import { schema, type Db } from '../src/lib/server/platform/db/client';
import { peopleWithWishes, seedBoard } from './demo-board';
import { seedMoving } from './demo-moving';
import { seedRounds } from './demo-rounds';

const { assessments, cases, equipmentRequests, equipmentStore, messages, people } = schema;

const DAY_MS = 86_400_000;

/**
 * The coordinator's open work: requests, messages, a referral, notes. Whom it falls to is chosen in the order of email addresses: ids are
 * random, and the same start is to give the same workforce.
 */
export async function seedWork(
	db: Db,
	coordinator: Actor & { kind: 'user' },
	clinicianId: string,
	now: Date
): Promise<void> {
	await seedRounds(db, now);
	await db.insert(equipmentStore).values([
		{ thing: 'monitor', onHand: 2 },
		{ thing: 'headset', onHand: 3 },
		{ thing: 'footrest', onHand: 4 }
	]);
	await db.execute(sql`update people set staff_number = 'TV-' || lpad(n::text, 4, '0')
		from (select id, row_number() over (order by email) as n from people) numbered where numbered.id = people.id`);
	const ago = (days: number) => new Date(now.getTime() - days * DAY_MS);
	const some = await db
		.select({ personId: cases.personId, assessmentId: assessments.id, name: people.name })
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.innerJoin(assessments, and(eq(assessments.personId, cases.personId), isNull(assessments.placeOf)))
		.where(and(isNull(people.leftAt), eq(assessments.answeredAt, cases.answeredAt)))
		.orderBy(people.email)
		.limit(14);
	await seedMoving(
		db,
		some.map(({ personId }) => personId),
		now
	);
	const taken = some.map(({ personId }) => personId);
	const wishes = (await peopleWithWishes(db)).filter(({ personId }) => !taken.includes(personId));
	const STATES = ['asked', 'asked', 'approved', 'sent', 'declined', 'arrived'] as const;
	for (const [i, { personId, assessmentId, wish }] of wishes.slice(0, STATES.length).entries())
		await db.transaction(async (tx) => {
			await lockPerson(tx, personId);
			const state = STATES[i] ?? 'asked';
			await tx.insert(equipmentRequests).values({
				assessmentId,
				purchase: wish,
				askedAt: ago(6 - (i % 4)),
				state,
				reason: state === 'declined' ? 'One from the store room is on its way instead' : '',
				changedAt: state === 'asked' ? null : ago(1),
				...(state === 'sent' || state === 'arrived' ? { costCents: 4300, currency: 'EUR' } : {})
			});
			await reassessCase(tx, personId, ago(1));
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
			await reassessCase(tx, person.personId, ago(1));
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
	await seedBoard(db, wishes.slice(STATES.length), now);
	const sore = await db
		.select({ personId: cases.personId })
		.from(cases)
		.innerJoin(people, eq(people.id, cases.personId))
		.where(and(eq(cases.level, 'clinician'), sql`${cases.openSince} is not null`))
		.orderBy(people.email)
		.limit(2);
	for (const [i, { personId }] of sore.entries()) {
		const key = crypto.randomUUID();
		await referCase(
			db,
			coordinator,
			{
				key,
				personId,
				version: null,
				clinicianId,
				toName: '',
				consentHow: 'spoken',
				answerBy: new Date(now.getTime() + 3 * DAY_MS).toISOString().slice(0, 10),
				question:
					'Sore for months in spite of what was changed. Please look at it before we change more at the desk.'
			},
			ago(1)
		);
		// One clinician asks back: it stays on the day sheet until a coordinator has read it.
		if (i === sore.length - 1)
			await writeOnReferral(
				db,
				{ kind: 'user', id: clinicianId, name: '', role: 'clinician' },
				{
					key: crypto.randomUUID(),
					referralId: key,
					text: 'Does it wake them at night, and does it ease on days without the laptop?'
				},
				ago(0.1)
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
