import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readAuditLog, auditLogFilterOf } from '$lib/server/platform/audit/read-audit-log';
import { readCaseBrief } from '$lib/server/cases/case-brief';
import { readCasePage } from '$lib/server/cases/case-page';
import { readDaySheet } from '$lib/server/cases/day-sheet';
import { writeToPerson } from '$lib/server/cases/messages';
import { addNote } from '$lib/server/cases/notes';
import { schema } from '$lib/server/platform/db/client';
import { planBudget } from '$lib/server/plan/equipment/plan-budget';
import { equipmentFilterOf, readEquipmentBoard } from '$lib/server/plan/equipment/read-equipment-board';
import { readPersonData, previewErasure } from '$lib/server/people/erasure/erase-person';
import { DomainError } from '$lib/server/platform/domain-error';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { exportOwnData } from '$lib/server/questionnaire/assessments/export-own-data';
import { markAsLeft, markAsReturned } from '$lib/server/people/mark-as-left';
import { planHere } from '../support/planning';
import { endReferral, writeOnReferral } from '$lib/server/cases/referrals/answer-referral';
import { readReferral, referralsFor } from '$lib/server/cases/referrals/read-referral';
import { referCase } from '$lib/server/cases/referrals/refer';
import { act, Desk, MIRELA, type TestUser } from '../support/desk';
import { dice } from '../support/attack';

const STEPS = 300;
const now = new Date('2026-03-02T09:00:00Z');
let desk: Desk;
const db = () => desk.test.db;

interface Person {
	readonly id: string;
	readonly token: string;
	/** Stands in their name, in what they and others wrote, and nowhere else. */
	readonly mark: string;
	hasLeft: boolean;
}

/** What the model knows: whose referral is open, and to whom. */
interface OpenReferral {
	readonly id: string;
	readonly person: Person;
	readonly clinician: TestUser;
}

let people: Person[] = [];
let others: TestUser;

beforeAll(async () => {
	desk = await Desk.make(now);
	const [another] = await db()
		.insert(schema.users)
		.values({ email: 'other@example.org', name: 'other', role: 'clinician', passwordHash: 'x' })
		.returning({ id: schema.users.id });
	others = { kind: 'user', id: another?.id ?? '', name: 'other', role: 'clinician' };
	people = await Promise.all(
		['qzalpha', 'qzbravo', 'qzcharlie', 'qzdelta'].map(async (mark) => {
			const { personId: id, token } = await desk.answered(MIRELA);
			await db()
				.update(schema.people)
				.set({ name: `Nora ${mark}`, email: `${mark}@marks.example` })
				.where(eq(schema.people.id, id));
			await addNote(db(), desk.coordinator, { ...act(id), text: `note ${mark}` }, now);
			return { id, token, mark, hasLeft: false };
		})
	);
});
afterAll(() => desk.test.drop());

/** Whose marks stand in an answer. */
const marksIn = (answer: unknown) => {
	const text =
		JSON.stringify(answer, (_, value: unknown) => (typeof value === 'bigint' ? value.toString() : value)) ??
		'';
	return people.filter(({ mark }) => text.includes(mark));
};

describe('300 acts by chance of six who sign in and four with a link', () => {
	it('show each no one but whom the model lets them see, and do nothing for who may not', async () => {
		const d = dice(17);
		const users = [desk.coordinator, desk.second, desk.clinician, others, desk.reader];
		let open: OpenReferral[] = [];
		const ended: string[] = [];
		const found: string[] = [];
		let refused = 0;
		let shown = 0;
		for (let step = 0; step < STEPS; step += 1) {
			const at = desk.later(step);
			const who = d.of(users);
			const person = d.of(people);
			const key = randomUUID();
			const isCoordinator = who.role === 'coordinator';
			const mine = open.filter(({ clinician }) => clinician.id === who.id);
			const referral = d.of([
				...open,
				{ id: d.of([...ended, randomUUID()]), person, clinician: d.of([desk.clinician, others]) }
			]);
			const maySee = isCoordinator ? people : mine.map((one) => one.person);
			/** Each act, and whether the model lets it be done. */
			const acts: readonly (readonly [
				name: string,
				may: boolean,
				run: () => Promise<unknown>,
				then?: () => void
			])[] = [
				['case', isCoordinator, () => readCasePage(db(), who, person.id, at, 'UTC')],
				['brief', isCoordinator, () => readCaseBrief(db(), who, person.id, at)],
				[
					'everything',
					isCoordinator,
					() => readPersonData(db(), who, { personId: person.id, as: 'viewed' }, at)
				],
				['preview', isCoordinator, () => previewErasure(db(), who, person.id)],
				['sheet', isCoordinator, () => readDaySheet(db(), who, '2026-03-12')],
				[
					'board',
					isCoordinator,
					() => readEquipmentBoard(db(), who, equipmentFilterOf(new URLSearchParams()))
				],
				['budget', isCoordinator, () => planBudget(db(), planHere, who, { money: '', team: '' })],
				// The audit log is for who was given that right besides: the first account.
				[
					'record',
					who === desk.coordinator,
					() => readAuditLog(db(), who, auditLogFilterOf(new URLSearchParams()), at)
				],
				[
					'note',
					isCoordinator,
					() => addNote(db(), who, { key, personId: person.id, text: `again ${person.mark}` }, at)
				],
				[
					'write',
					isCoordinator,
					() => writeToPerson(db(), who, { key, personId: person.id, text: `hello ${person.mark}` }, at)
				],
				[
					'refer',
					isCoordinator && !open.some((one) => one.person === person),
					() =>
						referCase(
							db(),
							who,
							{
								key,
								personId: person.id,
								version: null,
								clinicianId: referral.clinician.id,
								toName: '',
								question: `what of ${person.mark}?`,
								consentHow: 'spoken',
								answerBy: ''
							},
							at
						),
					() => void open.push({ id: key, person, clinician: referral.clinician })
				],
				[
					'letter',
					open.includes(referral) && (isCoordinator || mine.includes(referral)),
					() => readReferral(db(), who, referral.id, at)
				],
				['referrals', who.role === 'clinician', () => referralsFor(db(), who)],
				[
					'ask back',
					open.includes(referral) && (isCoordinator || mine.includes(referral)),
					() => writeOnReferral(db(), who, { key, referralId: referral.id, text: 'and since when?' }, at)
				],
				[
					'end',
					open.includes(referral) && (isCoordinator || mine.includes(referral)),
					() => endReferral(db(), who, { key, referralId: referral.id, text: 'seen' }, at),
					() => {
						open = open.filter((one) => one !== referral);
						ended.push(referral.id);
					}
				],
				[
					person.hasLeft ? 'back' : 'leave',
					isCoordinator,
					() =>
						(person.hasLeft ? markAsReturned : markAsLeft)(
							db(),
							who,
							{ key, personId: person.id, version: null },
							at
						),
					() => (person.hasLeft = !person.hasLeft)
				]
			];
			const [name, may, run, then] = d.of(acts);
			const told = `${step}: ${who.name} ${name} ${person.mark}`;
			try {
				const answer = await run();
				// A referral that has ended is still the coordinators' to read.
				const isTheirs = name === 'letter' && isCoordinator;
				if (!may && !isTheirs) found.push(`${told}: was done`);
				for (const { mark } of marksIn(answer).filter((one) => !maySee.includes(one)))
					found.push(`${told}: shows ${mark}`);
				shown += marksIn(answer).length;
				then?.();
			} catch (thrown) {
				if (!(thrown instanceof DomainError)) throw thrown;
				refused += 1;
				if (may) found.push(`${told}: refused, ${thrown.kind}`);
			}
			// Whoever has a link sees their own and nobody else's, for as long as they are here.
			const own = d.of(people);
			try {
				const answer = await exportOwnData(db(), await openAssessment(db(), own.token));
				if (own.hasLeft) found.push(`${step}: ${own.mark} has left, and their link opens`);
				for (const { mark } of marksIn(answer).filter((one) => one !== own))
					found.push(`${step}: ${own.mark} sees ${mark}`);
			} catch (thrown) {
				if (!(thrown instanceof DomainError)) throw thrown;
				if (!own.hasLeft) found.push(`${step}: the link of ${own.mark} is refused`);
			}
		}
		expect(found).toEqual([]);
		// It was a test of something: much was shown, and much was refused.
		expect(shown).toBeGreaterThan(60);
		expect(refused).toBeGreaterThan(60);
	});
});
