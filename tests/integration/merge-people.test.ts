import { randomUUID } from 'node:crypto';
import { and, asc, eq, isNull } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { redFlagField } from '$lib/core/questionnaire/answers/checklist-fields';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { loadCaseRecord } from '$lib/server/cases/case-assessments/load-case-record';
import { newestAssessmentResult } from '$lib/server/cases/case-assessments/newest-assessment-result';
import { openAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { sendAssessment } from '$lib/server/questionnaire/assessments/send-assessment';
import { addNote } from '$lib/server/cases/notes';
import { readCasePage } from '$lib/server/cases/case-page';
import { writeToCoordinator } from '$lib/server/cases/messages';
import { schema } from '$lib/server/platform/db/client';
import { OF_PERSON } from '$lib/server/people/erasure/own-rows';
import { openFollowUp, setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { readPersonPlace } from '$lib/server/people/lock-person';
import { mergedInto, mergePeople, readMergePage } from '$lib/server/people/merge-people';
import { Dice } from '../../seed/random';
import { act, Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

const { assessments, assessmentResults, followUps, people, roundPeople, rounds } = schema;

const now = new Date('2026-03-02T09:00:00Z');
const later = new Date('2026-03-03T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const merge = (personId: string, otherId: string, detailsOfOther: ('email' | 'team')[] = []) =>
	mergePeople(db(), desk.coordinator, { personId, otherId, detailsOfOther }, later);

const rowsOf = async (personId: string) =>
	Object.fromEntries(
		await Promise.all(
			Object.entries(OF_PERSON).map(
				async ([name, table]) => [name, await db().$count(table, eq(table.personId, personId))] as const
			)
		)
	) as Record<string, number>;

const answersOf = async (personId: string) => {
	const person = await readPersonPlace(db(), personId);
	return person ? (await loadCaseRecord(db(), person, later)).file.answers : [];
};

describe('two records of one person', () => {
	it('become one with everything of both, assessed by all of it, and the other number leads to it', async () => {
		const kept = await desk.answered(PAINLESS);
		const gone = await desk.answered({ ...MIRELA });
		await writeToCoordinator(db(), gone.open, { text: 'From the other record', key: randomUUID() }, now);
		await addNote(db(), desk.coordinator, { ...act(gone.personId), text: 'A note' }, now);
		await db().update(people).set({ team: 'Tarn' }).where(eq(people.id, gone.personId));
		const [other] = await db().select().from(people).where(eq(people.id, gone.personId));
		const before = [await rowsOf(kept.personId), await rowsOf(gone.personId)];
		const answered = (await answersOf(kept.personId)).length + (await answersOf(gone.personId)).length;
		const level = (await newestAssessmentResult(db(), gone.personId))?.level;

		await merge(kept.personId, gone.personId, ['email', 'team']);

		expect(await db().$count(people, eq(people.id, gone.personId))).toBe(0);
		const after = await rowsOf(kept.personId);
		for (const [name, n] of Object.entries(before[0] ?? {}))
			// Results and the policy's days are computed: what they come from is what must be there.
			expect(after[name], name).toBeGreaterThanOrEqual(
				n + (name === 'judgements' || name === 'followUps' ? 0 : (before[1]?.[name] ?? 0))
			);
		const [person] = await db().select().from(people).where(eq(people.id, kept.personId));
		expect(person).toMatchObject({ email: other?.email, team: 'Tarn' });
		// Both were answered, the painful one last: its level stands, and both are in the record.
		expect(await answersOf(kept.personId)).toHaveLength(answered);
		expect((await newestAssessmentResult(db(), kept.personId))?.level).toBe(level);
		const page = await readCasePage(db(), desk.coordinator, kept.personId, later, 'UTC');
		expect(JSON.stringify(page.timeline)).toContain('From the other record');
		// Links that were sent keep working, and an old address of the case leads here.
		expect((await openAssessment(db(), gone.token)).actor.personId).toBe(kept.personId);
		expect(await mergedInto(db(), gone.personId)).toBe(kept.personId);
		const results = await db().$count(assessmentResults, eq(assessmentResults.personId, kept.personId));
		expect(results).toBeGreaterThan(before[0]?.judgements ?? 0);
	});

	it('keep one of what can be open only once: the newer link, the sooner follow-up, the answer in a round', async () => {
		const [kept, gone] = [await desk.person(), await desk.person()];
		const first = await sendAssessment(db(), desk.coordinator, act(kept), now);
		const second = await sendAssessment(db(), desk.coordinator, act(gone), later);
		const follow = async (personId: string, due: string) => {
			const seen = (await openFollowUp(db(), personId, 'look'))?.version ?? 0;
			const input = { ...act(personId), kind: 'look' as const, seen, due, reason: due };
			await setFollowUp(db(), desk.coordinator, input, now);
		};
		await follow(kept, '2026-04-20');
		await follow(gone, '2026-04-10');
		const [round] = await db()
			.insert(rounds)
			.values({
				name: 'Spring',
				filter: { teams: [], country: '', notAnsweredWithinDays: 0 },
				sittingStyle: 'upright',
				checklistVersion: 1,
				subject: 's',
				body: 'b',
				startsOn: '2026-03-01',
				dueOn: '2026-04-01',
				timeZone: 'UTC',
				createdAt: now
			})
			.returning({ id: rounds.id });
		const roundId = round?.id ?? '';
		await db()
			.insert(roundPeople)
			.values([
				{ roundId, personId: kept, state: 'sent' },
				{ roundId, personId: gone, state: 'answered' }
			]);
		await merge(kept, gone);
		expect(await faultOf(openAssessment(db(), first?.token ?? ''))).toBe('ended');
		expect((await openAssessment(db(), second?.token ?? '')).actor.personId).toBe(kept);
		expect(await openFollowUp(db(), kept, 'look')).toMatchObject({ due: '2026-04-10' });
		const inRound = await db().select().from(roundPeople).where(eq(roundPeople.roundId, roundId));
		expect(inRound).toMatchObject([{ personId: kept, state: 'answered' }]);
		expect(await db().$count(assessments, eq(assessments.personId, kept))).toBe(2);
	});

	it('keep every row of both, whatever each of them has said and asked for', async () => {
		// Results and the days of the policy are computed anew. Everything else was said or done by somebody.
		const said = (rows: Record<string, number>): Record<string, number> => ({
			...rows,
			judgements: 0,
			followUps: 0
		});
		const daysOf = async (personId: string) =>
			db()
				.select({ kind: followUps.kind, due: followUps.due })
				.from(followUps)
				.where(and(eq(followUps.personId, personId), isNull(followUps.doneAt)))
				.orderBy(asc(followUps.kind));
		const seen = new Set<string>();
		for (let seed = 1; seed <= 8; seed += 1) {
			const dice = new Dice(seed);
			const make = async (): Promise<string> => {
				if (dice.chance(0.3)) return desk.person();
				const { personId, open } = await desk.answered(dice.chance(0.5) ? PAINLESS : MIRELA);
				for (let n = dice.int(0, 3); n > 0; n -= 1)
					await writeToCoordinator(db(), open, { text: `Words ${n}`, key: randomUUID() }, now);
				if (dice.chance(0.5)) await requestEquipment(db(), open, { purchase: 'footrest', wanted: true }, now);
				if (dice.chance(0.5)) await desk.answer(personId, PAINLESS, later);
				return personId;
			};
			const [kept, gone] = [await make(), await make()];
			for (const personId of [kept, gone])
				for (let n = dice.int(0, 2); n > 0; n -= 1) {
					const text = `Note ${n}`;
					await addNote(db(), desk.coordinator, { ...act(personId), text, isDisclosed: n === 1 }, now);
				}
			const [before, other] = [said(await rowsOf(kept)), said(await rowsOf(gone))];
			const answered = (await answersOf(kept)).length + (await answersOf(gone)).length;
			const kinds = [...(await daysOf(kept)), ...(await daysOf(gone))].map(({ kind }) => kind);
			await merge(kept, gone);
			const sums = Object.entries(before).map(([name, n]) => [name, n + (other[name] ?? 0)]);
			expect(said(await rowsOf(kept)), `people of seed ${seed}`).toEqual(Object.fromEntries(sums));
			expect(Object.values(await rowsOf(gone)).every((n) => n === 0)).toBe(true);
			expect(await answersOf(kept)).toHaveLength(answered);
			// None is missing for having stood in both records, and the day is that of all the answers.
			const days = await daysOf(kept);
			expect(days.map(({ kind }) => kind)).toEqual([...new Set(kinds)].sort());
			const recheck = days.find(({ kind }) => kind === 'recheck');
			if (recheck) expect(recheck.due).toBe((await desk.judged(kept)).recheck);
			for (const { kind } of days) seen.add(kind);
		}
		expect([...seen].sort()).toEqual(['check-in', 'recheck']);
	});

	it('stay two while a warning sign in one waits for its outcome', async () => {
		const { personId } = await desk.answered({ ...MIRELA, [redFlagField('new-weakness')]: 'yes' });
		const other = await desk.person();
		const page = await readMergePage(db(), desk.coordinator, other, { search: '', withId: personId });
		expect(page.other?.isAwaited).toBe(true);
		expect(await faultOf(merge(other, personId))).toBe('conflict');
		expect(await faultOf(merge(personId, other))).toBe('conflict');
		expect(await db().$count(people, eq(people.id, personId))).toBe(1);
	});

	it('are found by name, and merged by coordinators only', async () => {
		const one = await desk.person();
		const two = await desk.person();
		await db().update(people).set({ name: 'Aldous Fennimore' }).where(eq(people.id, two));
		const page = await readMergePage(db(), desk.coordinator, one, { search: 'fennim', withId: null });
		expect(page.found.map(({ id }) => id)).toEqual([two]);
		expect(await faultOf(merge(one, one))).toBe('invalid');
		const asReader = { personId: one, otherId: two, detailsOfOther: [] };
		expect(await faultOf(mergePeople(db(), desk.reader, asReader, now))).toBe('not-allowed');
	});
});
