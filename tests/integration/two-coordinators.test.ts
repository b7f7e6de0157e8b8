import { randomUUID } from 'node:crypto';
import { and, eq, inArray, isNull } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { readCasePage } from '$lib/server/cases/case-page';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { postponeCase, setOwner } from '$lib/server/cases/case-owner';
import { writeToPerson } from '$lib/server/cases/messages';
import { addNote } from '$lib/server/cases/notes';
import { reopenCase, settleCase } from '$lib/server/cases/settle-case';
import { recordContact } from '$lib/server/cases/contacts/record-contact';
import { schema } from '$lib/server/platform/db/client';
import { orderEquipment } from '$lib/server/plan/equipment/order-equipment';
import { decideEquipment } from '$lib/server/plan/equipment/decide-equipment';
import { DomainError } from '$lib/server/platform/domain-error';
import { finishFollowUp, setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { changePerson } from '$lib/server/people/change-person';
import { markAsLeft } from '$lib/server/people/mark-as-left';
import { endReferral } from '$lib/server/cases/referrals/answer-referral';
import { referCase } from '$lib/server/cases/referrals/refer';
import { Dice } from '../../seed/random';
import { Desk, PAINLESS, type TestUser } from '../support/desk';
import { ROTATION, timesOf } from '../support/rotation';

/** Acts that the two do between them. */
const ACTS = timesOf(60);

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

/** A case as it stood on someone's screen when they last looked at it. */
interface Seen {
	readonly version: number;
	readonly followUp: number;
	readonly owner: string | null;
	readonly referral: string | null;
}

/** What is open of a case now. */
async function lookAt(personId: string): Promise<Seen> {
	const { version } = await desk.listed(personId);
	const [look] = await db()
		.select({ version: schema.followUps.version })
		.from(schema.followUps)
		.where(
			and(
				eq(schema.followUps.personId, personId),
				eq(schema.followUps.kind, 'look'),
				isNull(schema.followUps.doneAt)
			)
		);
	const [person] = await db()
		.select({ ownerId: schema.people.ownerId })
		.from(schema.people)
		.where(eq(schema.people.id, personId));
	const [referral] = await db()
		.select({ id: schema.referrals.id })
		.from(schema.referrals)
		.where(and(eq(schema.referrals.personId, personId), isNull(schema.referrals.endedAt)));
	return {
		version,
		followUp: look?.version ?? 0,
		owner: person?.ownerId ?? null,
		referral: referral?.id ?? null
	};
}

/** A call that reached nobody, of which nothing follows. */
const CALL = {
	how: 'phone',
	result: 'no-answer',
	whom: '',
	said: '',
	closes: [],
	fixed: [],
	next: null,
	nextOn: '',
	why: '',
	saw: {}
} as const;

const DAYS = ['2026-03-05', '2026-03-12', '2026-04-01'] as const;

/** Acts that hang on the case as it was seen: one that someone else has changed refuses them. */
const VERSIONED = {
	settle: (by, personId, { version }, key, at) =>
		settleCase(db(), by, { key, personId, version, reason: 'seen' }, at),
	reopen: (by, personId, { version }, key, at) => reopenCase(db(), by, { key, personId, version }, at),
	own: (by, personId, { version }, key, at) =>
		setOwner(db(), by, { key, personId, version, ownerId: by.id }, at),
	later: (by, personId, { version }, key, at) =>
		postponeCase(db(), by, { key, personId, version, until: '2026-03-20', reason: 'away' }, at),
	refer: (by, personId, { version }, key, at) =>
		referCase(
			db(),
			by,
			{
				key,
				personId,
				version,
				clinicianId: '',
				toName: 'Dr Fenwick Marl',
				question: 'Look',
				consentHow: 'spoken',
				answerBy: ''
			},
			at
		),
	callAgain: (by, personId, { version }, key, at) =>
		recordContact(db(), by, { ...CALL, key, personId, version, nextOn: '2026-03-20' }, at)
} as const satisfies Record<string, Act>;

/** Acts that hang on one row of the case. */
const OF_A_ROW = {
	follow: (by, personId, { followUp }, key, at, dice) =>
		setFollowUp(
			db(),
			by,
			{ key, personId, kind: 'look', due: dice.pick(DAYS), reason: by.name, seen: followUp },
			at
		),
	finish: (by, personId, { followUp }, key, at) =>
		finishFollowUp(db(), by, { key, personId, seen: followUp, outcome: 'done', next: null }, at),
	end: (by, _personId, { referral }, key, at) =>
		endReferral(db(), by, { key, referralId: referral ?? randomUUID(), text: 'returned' }, at)
} as const satisfies Record<string, Act>;

/** Acts that add and replace nothing: both of two stand. */
const ADDING = {
	call: (by, personId, { version }, key, at) =>
		recordContact(db(), by, { ...CALL, key, personId, version, said: key }, at),
	note: (by, personId, _seen, key, at) => addNote(db(), by, { key, personId, text: key }, at),
	write: (by, personId, _seen, key, at) => writeToPerson(db(), by, { key, personId, text: key }, at)
} as const satisfies Record<string, Act>;

type Act = (
	by: TestUser,
	personId: string,
	seen: Seen,
	key: string,
	at: Date,
	dice: Dice
) => Promise<unknown>;

describe('two coordinators on the same ten cases', () => {
	it('do whatever they like by chance: nothing is replaced in silence, and both see the same in the end', async () => {
		const dice = new Dice(13 + ROTATION);
		const cases = [];
		for (let i = 0; i < 10; i += 1) cases.push((await desk.answered(PAINLESS)).personId);
		const users = [desk.coordinator, desk.second] as const;
		// What each has on the screen: read when a case is opened, and after a refusal, and in between not.
		const screens = users.map(() => new Map<string, Seen>());
		const acts = { ...VERSIONED, ...OF_A_ROW, ...ADDING } as const;
		const names = Object.keys(acts) as (keyof typeof acts)[];
		const [done, refused] = [[] as { name: string; key: string; by: TestUser }[], [] as string[]];
		let stale = 0;
		for (let i = 0; i < ACTS; i += 1) {
			const at = desk.later(i + 1);
			const who = dice.int(0, 1);
			const [by, screen] = [users[who] ?? desk.coordinator, screens[who] ?? new Map<string, Seen>()];
			const personId = dice.pick(cases);
			if (i % 12 === 11 && done.length > 0) {
				// One takes back what they did last; of the other's it is refused.
				const mine = done.findLast((one) => one.by === by);
				const theirs = done.findLast((one) => one.by !== by);
				if (theirs) await expect(undoActs(db(), by, theirs.key, at)).rejects.toThrow(DomainError);
				if (mine)
					await undoActs(db(), by, mine.key, at).catch((error) => expect(error).toBeInstanceOf(DomainError));
				continue;
			}
			const name = dice.pick(names);
			const seen = screen.get(personId) ?? (await lookAt(personId));
			const before = await lookAt(personId);
			const isStale = seen.version !== before.version;
			if (isStale) stale += 1;
			const key = randomUUID();
			let fault: DomainError | null = null;
			try {
				await acts[name](by, personId, seen, key, at, dice);
				done.push({ name, key, by });
			} catch (error) {
				if (!(error instanceof DomainError)) throw error;
				fault = error;
				refused.push(name);
			}
			// What was not on the screen is never replaced: refused, and everything is as the other left it.
			if (name in VERSIONED && isStale) expect(fault?.kind, `${name} of a stale case`).toBe('conflict');
			if (['follow', 'finish'].includes(name) && seen.followUp !== before.followUp)
				expect(fault?.kind, `${name} of a stale follow-up`).toBe('conflict');
			if (fault) expect(await lookAt(personId)).toEqual(before);
			if (name in ADDING) expect(fault).toBeNull();
			// A refusal shows what stands now; what was done shows it too.
			screen.set(personId, await lookAt(personId));
			if (dice.int(0, 3) === 0) screen.delete(dice.pick(cases));
		}
		// The chance met what it is about: stale screens, refusals and acts that went through.
		expect(stale).toBeGreaterThan(0.1 * ACTS);
		expect(refused.length).toBeGreaterThan(0.05 * ACTS);
		expect(done.length).toBeGreaterThan(0.25 * ACTS);
		// Every note and message that was written stands once, but for notes that their writer took back.
		const undone = await db()
			.select({ id: schema.deskActs.id, undoneAt: schema.deskActs.undoneAt })
			.from(schema.deskActs)
			.where(
				inArray(
					schema.deskActs.id,
					done.map(({ key }) => key)
				)
			);
		const isUndone = (key: string) => undone.some((act) => act.id === key && act.undoneAt !== null);
		const written = done.filter(({ name, key }) => name in ADDING && !isUndone(key)).map(({ key }) => key);
		const texts: string[] = [];
		for (const personId of cases) {
			const [mine, theirs] = await Promise.all(
				users.map(async (user) => {
					await readCasePage(db(), user, personId, desk.later(300), 'UTC');
					const { userId: _who, ...page } = await readCasePage(db(), user, personId, desk.later(301), 'UTC');
					// Who looked, and when, is of each reading alone.
					return { ...page, timeline: page.timeline.filter(({ group }) => group !== 'looks') };
				})
			);
			expect(mine).toEqual(theirs);
			texts.push(
				...(mine?.timeline ?? []).flatMap(({ event }) =>
					'text' in event ? [event.text] : event.kind === 'contact' ? [event.contact.said] : []
				)
			);
		}
		for (const key of written) expect(texts.filter((text) => text === key)).toHaveLength(1);
		const [a, b] = await Promise.all(users.map((user) => readDaySheet(db(), user, '2026-03-12')));
		expect(a).toEqual(b);
	});
});

describe('versions only rise', () => {
	/** What a row says of itself, and acts that change it: the first and the third are one person's, the stale form is the other's. */
	interface Changing {
		readonly seen: () => Promise<number>;
		readonly change: (by: TestUser, seen: number, key: string, at: Date) => Promise<unknown>;
	}

	/** An act, its undo, another act: a form of before, of between or of the undone act is refused, and what stands stays. */
	async function refusesStaleForms({ seen, change }: Changing): Promise<void> {
		const versions = [await seen()];
		const [first, third] = [randomUUID(), randomUUID()];
		await change(desk.coordinator, await seen(), first, desk.later(10));
		versions.push(await seen());
		await undoActs(db(), desk.coordinator, first, desk.later(11));
		versions.push(await seen());
		await change(desk.coordinator, await seen(), third, desk.later(12));
		const newest = await seen();
		for (const version of versions)
			await expect(change(desk.second, version, randomUUID(), desk.later(13))).rejects.toMatchObject({
				kind: 'conflict'
			});
		expect(await seen()).toBe(newest);
		// Where there is a row all along, each act and each undo is a version of its own.
		const known = [...versions, newest].filter((version) => version > 0);
		expect(known).toEqual([...new Set(known)].sort((a, b) => a - b));
	}

	let days = 0;
	const nextDay = () => `2026-04-${String((days += 1)).padStart(2, '0')}`;
	const follow = (personId: string) => (by: TestUser, seen: number, key: string, at: Date) =>
		setFollowUp(db(), by, { key, personId, kind: 'look', due: nextDay(), reason: by.name, seen }, at);

	it('of a follow-up that is moved, and of one that an undo has removed', async () => {
		const moved = await desk.person();
		await desk.follow(moved, { due: '2026-03-20', reason: '', seen: 0 });
		await refusesStaleForms({ seen: () => desk.lookVersion(moved), change: follow(moved) });
		// Set, removed by the undo and set again: the second is another one, whatever the first was seen as.
		const personId = await desk.person();
		const first = randomUUID();
		await follow(personId)(desk.coordinator, 0, first, desk.later(1));
		const seen = await desk.lookVersion(personId);
		await undoActs(db(), desk.coordinator, first, desk.later(2));
		await follow(personId)(desk.coordinator, 0, randomUUID(), desk.later(3));
		await expect(follow(personId)(desk.second, seen, randomUUID(), desk.later(4))).rejects.toMatchObject({
			kind: 'conflict'
		});
	});

	it('of what someone asked for', async () => {
		const { personId } = await desk.answered(PAINLESS);
		const requestId = randomUUID();
		await orderEquipment(
			db(),
			desk.coordinator,
			{ key: requestId, personId, version: null, thing: 'headset' },
			now
		);
		const read = async () => {
			const [row] = await db()
				.select({ version: schema.equipmentRequests.version, state: schema.equipmentRequests.state })
				.from(schema.equipmentRequests)
				.where(eq(schema.equipmentRequests.id, requestId));
			if (!row) throw new Error('It was asked for');
			return row;
		};
		await refusesStaleForms({
			seen: async () => (await read()).version,
			change: async (by, version, key, at) => {
				const to = (await read()).state === 'approved' ? 'declined' : 'approved';
				return decideEquipment(db(), by, { requestId, to, reason: 'not now', version, key }, at);
			}
		});
	});

	it('of a case, and of a person', async () => {
		const { personId } = await desk.answered(PAINLESS);
		await refusesStaleForms({
			seen: async () => (await desk.listed(personId)).version,
			change: (by, version, key, at) => setOwner(db(), by, { key, personId, version, ownerId: by.id }, at)
		});
		const person = async () => {
			const [row] = await db().select().from(schema.people).where(eq(schema.people.id, personId));
			if (!row) throw new Error('They are here');
			return row;
		};
		// An act that changes the person's own row, and its undo: their form of before is refused.
		const before = await person();
		const key = randomUUID();
		await markAsLeft(db(), desk.coordinator, { key, personId, version: null }, desk.later(20));
		await undoActs(db(), desk.coordinator, key, desk.later(21));
		expect(await person()).toMatchObject({ leftAt: null });
		expect((await person()).version).toBeGreaterThan(before.version);
		const form = { ...before, name: 'Stale Name' };
		await expect(changePerson(db(), desk.second, form, desk.later(22))).rejects.toMatchObject({
			kind: 'conflict'
		});
	});

	it('and two acts are undone one after the other, each back to what was there before it', async () => {
		const personId = await desk.person();
		await desk.follow(personId, { due: '2026-03-20', reason: '', seen: 0 });
		const due = async () => {
			const [row] = await db()
				.select({ due: schema.followUps.due })
				.from(schema.followUps)
				.where(and(eq(schema.followUps.personId, personId), isNull(schema.followUps.doneAt)));
			return row?.due;
		};
		const keys = [randomUUID(), randomUUID()] as const;
		for (const [i, key] of keys.entries())
			await setFollowUp(
				db(),
				desk.coordinator,
				{
					key,
					personId,
					kind: 'look',
					due: `2026-05-0${i + 1}`,
					reason: '',
					seen: await desk.lookVersion(personId)
				},
				desk.later(i)
			);
		expect(await due()).toBe('2026-05-02');
		await undoActs(db(), desk.coordinator, keys[1], desk.later(5));
		expect(await due()).toBe('2026-05-01');
		await undoActs(db(), desk.coordinator, keys[0], desk.later(6));
		expect(await due()).toBe('2026-03-20');
	});
});
