import { randomUUID } from 'node:crypto';
import { and, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it, vi } from 'vitest';
import { LONGEST_SHARED_SESSION_MS } from '$lib/core/questionnaire/shared-session/shared-session';
import { MOST_WRONG_CODES, spacedCode } from '$lib/core/questionnaire/shared-session/code';
import { openAssessment, type OpenAssessment } from '$lib/server/questionnaire/assessments/open-assessment';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { recordConsent } from '$lib/server/questionnaire/assessments/record-consent';
import { withdrawAnswers } from '$lib/server/questionnaire/assessments/withdraw';
import { mergePeople } from '$lib/server/people/merge-people';
import { sendAssessment } from '$lib/server/questionnaire/assessments/send-assessment';
import { schema } from '$lib/server/platform/db/client';
import { ownRows } from '$lib/server/people/erasure/own-rows';
import { ChangeFeed } from '$lib/server/platform/live/changes';
import { enterAnswers } from '$lib/server/questionnaire/shared-sessions/enter-answers';
import { joinSharedSession } from '$lib/server/questionnaire/shared-sessions/join-shared-session';
import {
	openSharedSessionOf,
	startSharedSession
} from '$lib/server/questionnaire/shared-sessions/open-shared-session';
import { readOutAnswersOf } from '$lib/server/questionnaire/shared-sessions/read-out-answers';
import { makeSharedPlan } from '$lib/server/questionnaire/shared-sessions/shared-plan';
import {
	agreeToPlan,
	endSharedSession,
	noteNextDay,
	pointAt
} from '$lib/server/questionnaire/shared-sessions/steer-shared-session';
import {
	coordinatorParty,
	personParty
} from '$lib/server/questionnaire/shared-sessions/shared-session-party';
import {
	readSummaries,
	readSharedSessionState
} from '$lib/server/questionnaire/shared-sessions/shared-session-state';
import { sharedSessionStream } from '$lib/server/questionnaire/shared-sessions/shared-session-stream';
import { act, Desk, faultOf, MIRELA, type TestUser } from '../support/desk';
import { PATIENCE } from '../support/patience';
import { planHere } from '../support/planning';

const { auditLines, sharedSessionEntries, sharedSessions, sharedSessionVisits } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

/** Somebody with a link who has agreed, and has started a walkthrough. */
async function started(): Promise<{
	token: string;
	personId: string;
	open: OpenAssessment;
	id: string;
	code: string;
}> {
	const personId = await desk.person();
	const sent = await sendAssessment(db(), desk.coordinator, act(personId), now);
	const token = sent?.token ?? '';
	await recordConsent(db(), await openAssessment(db(), token), now);
	const open = await openAssessment(db(), token);
	await startSharedSession(db(), open, now);
	const sharedSession = await openSharedSessionOf(db(), personId, now);
	if (!sharedSession) throw new Error('It was started');
	return { token, personId, open, id: sharedSession.id, code: sharedSession.code };
}

/** The same with a coordinator who has come in. */
async function together(user: TestUser = desk.coordinator) {
	const walk = await started();
	await joinSharedSession(db(), user, walk, now);
	return {
		...walk,
		person: await personParty(db(), walk.token, now),
		coordinator: await coordinatorParty(db(), user, walk.personId, now),
		state: (at = now) => readSharedSessionState(db(), walk.id, at)
	};
}

describe('coming in', () => {
	it('needs the code that the person reads out; five wrong ones make it another code', async () => {
		const { personId, code, id } = await started();
		const join = (typed: string) => joinSharedSession(db(), desk.coordinator, { personId, code: typed }, now);
		const wrong = code === '000000' ? '000001' : '000000';
		expect(await faultOf(coordinatorParty(db(), desk.coordinator, personId, now))).toBe('ended');
		for (let i = 0; i < MOST_WRONG_CODES; i += 1) expect(await faultOf(join(wrong))).toBe('invalid');
		const { code: newer } = await readSharedSessionState(db(), id, now);
		expect(newer).not.toBe(code);
		expect(await faultOf(join(code))).toBe('invalid');
		await join(spacedCode(newer));
		expect((await coordinatorParty(db(), desk.coordinator, personId, now)).userId).toBe(desk.coordinator.id);
		// Who has not come in sees nothing of it.
		expect(await faultOf(coordinatorParty(db(), desk.second, personId, now))).toBe('ended');
		expect(await faultOf(joinSharedSession(db(), desk.clinician, { personId, code: newer }, now))).toBe(
			'not-allowed'
		);
	});

	it('is for people who have agreed; started twice it is one, and at most one is open for a person', async () => {
		const personId = await desk.person();
		const sent = await sendAssessment(db(), desk.coordinator, act(personId), now);
		const unasked = await openAssessment(db(), sent?.token ?? '');
		expect(await faultOf(startSharedSession(db(), unasked, now))).toBe('not-allowed');
		const { open, id } = await started();
		await startSharedSession(db(), open, desk.later(1));
		expect((await openSharedSessionOf(db(), open.actor.personId, now))?.id).toBe(id);
		// One that has run out ends, and another begins.
		const after = new Date(now.getTime() + LONGEST_SHARED_SESSION_MS);
		expect(await openSharedSessionOf(db(), open.actor.personId, after)).toBeNull();
		expect((await readSharedSessionState(db(), id, after)).isOpen).toBe(false);
		await startSharedSession(db(), open, after);
		expect((await openSharedSessionOf(db(), open.actor.personId, after))?.id).not.toBe(id);
	});
});

describe('what either enters', () => {
	it('is among the answers and seen by both, marked as read out where the coordinator entered it', async () => {
		const { person, coordinator, state } = await together();
		await enterAnswers(db(), person, { stature: '171' }, desk.later(1));
		await enterAnswers(db(), coordinator, { surfaceHeight: '74', seatHeight: '45' }, desk.later(2));
		const { answers, entries } = await state();
		expect(answers).toMatchObject({ stature: '171', surfaceHeight: '74', seatHeight: '45' });
		expect(entries.map(({ field, text, readOutTo }) => [field, text, readOutTo])).toEqual([
			['seatHeight', '45', 'one'],
			['surfaceHeight', '74', 'one'],
			['stature', '171', null]
		]);
		// Corrected by the person, it is theirs.
		await enterAnswers(db(), person, { seatHeight: '46' }, desk.later(3));
		expect((await state()).entries[0]).toMatchObject({ field: 'seatHeight', text: '46', readOutTo: null });
	});

	it('is kept of both when they enter different answers at once', async () => {
		const { person, coordinator, state } = await together();
		await Promise.all([
			enterAnswers(db(), person, { stature: '168' }, now),
			enterAnswers(db(), coordinator, { surfaceHeight: '72' }, now),
			enterAnswers(db(), person, { seatHeight: '44' }, now),
			pointAt(db(), coordinator, { station: 'feet', question: 'seatHeight' }, now)
		]);
		const { answers, station, question, pointedBy } = await state();
		expect(answers).toMatchObject({ stature: '168', surfaceHeight: '72', seatHeight: '44' });
		expect({ station, question, pointedBy }).toEqual({
			station: 'feet',
			question: 'seatHeight',
			pointedBy: 'one'
		});
	});

	it('is never a warning sign or a discomfort, and nothing once it has ended', async () => {
		const { person, coordinator, personId } = await together();
		expect(await faultOf(enterAnswers(db(), coordinator, { 'sign.chest-pain': 'no' }, now))).toBe('invalid');
		expect(
			await db().$count(
				sharedSessionEntries,
				eq(sharedSessionEntries.sharedSessionId, person.sharedSession.id)
			)
		).toBe(0);
		await endSharedSession(db(), person, now);
		expect(await faultOf(enterAnswers(db(), coordinator, { stature: '170' }, now))).toBe('ended');
		expect(await faultOf(pointAt(db(), person, { station: 'you', question: null }, now))).toBe('ended');
		expect(await faultOf(endSharedSession(db(), coordinator, now))).toBe('ended');
		expect(await faultOf(coordinatorParty(db(), desk.coordinator, personId, now))).toBe('ended');
	});
});

describe('the plan', () => {
	const tools = () => ({ db: db(), now, planning: planHere });

	it('says what is still open, is agreed to by both, and lapses when answers change', async () => {
		const { person, coordinator, state, open, token } = await together();
		const missing = await makeSharedPlan(tools(), coordinator);
		expect(missing.open.length).toBeGreaterThan(0);
		expect((await state()).plan).toBeNull();
		await saveAnswers(db(), open, MIRELA, now);
		expect((await makeSharedPlan(tools(), coordinator)).open).toEqual([]);
		const { plan } = await state();
		expect(plan?.steps.length).toBeGreaterThan(0);
		await agreeToPlan(db(), coordinator, plan?.id ?? '', now);
		expect((await state()).agreement).toEqual({ person: false, coordinator: true });
		await agreeToPlan(db(), await personParty(db(), token, now), plan?.id ?? '', now);
		expect((await state()).agreement).toEqual({ person: true, coordinator: true });

		await enterAnswers(db(), person, { surfaceHeight: '79' }, desk.later(5));
		expect((await state()).plan?.isBehind).toBe(true);
		expect((await state()).agreement).toEqual({ person: false, coordinator: false });
		await makeSharedPlan({ ...tools(), now: desk.later(6) }, person);
		expect((await state()).plan).toMatchObject({ isBehind: false });
		// To the plan as it was, nobody can agree any longer.
		expect(await faultOf(agreeToPlan(db(), person, plan?.id ?? '', now))).toBe('conflict');
		expect(await faultOf(agreeToPlan(db(), person, randomUUID(), now))).toBe('conflict');
	});

	it('and the next day are in the summary that both keep', async () => {
		const { person, coordinator, state, open, personId, id } = await together();
		await saveAnswers(db(), open, MIRELA, now);
		await enterAnswers(db(), coordinator, { surfaceHeight: '74' }, now);
		await makeSharedPlan(tools(), person);
		const planId = (await state()).plan?.id ?? '';
		for (const party of [person, coordinator]) await agreeToPlan(db(), party, planId, now);
		await noteNextDay(db(), coordinator, '2026-03-16', now);
		expect((await state()).nextOn).toBe('2026-03-16');
		expect(await readSummaries(db(), personId, now)).toEqual([]);
		await endSharedSession(db(), coordinator, desk.later(20));
		const [summary] = await readSummaries(db(), personId, desk.later(21));
		expect(summary).toMatchObject({
			id,
			endedAt: desk.later(20),
			endedBy: 'coordinator',
			coordinators: ['one'],
			nextOn: '2026-03-16'
		});
		expect(summary?.agreed?.length).toBeGreaterThan(0);
		expect(summary?.entries).toMatchObject([
			{ field: 'surfaceHeight', text: '74', unit: 'cm', readOutTo: 'one' }
		]);
		const acts = await db()
			.select({ act: auditLines.act, by: auditLines.actorKind })
			.from(auditLines)
			.where(and(eq(auditLines.personId, personId)))
			.orderBy(auditLines.id);
		expect(acts.filter(({ act: one }) => one.startsWith('walkthrough-'))).toEqual([
			{ act: 'walkthrough-started', by: 'person' },
			{ act: 'walkthrough-joined', by: 'user' },
			{ act: 'walkthrough-agreed', by: 'person' },
			{ act: 'walkthrough-agreed', by: 'user' },
			{ act: 'walkthrough-ended', by: 'user' }
		]);
		// The case says which of its answers were read out, and to whom.
		expect(await readOutAnswersOf(db(), open.assessment)).toEqual([{ name: 'one', answers: 1, at: now }]);
		// The person's own data have it, without the code.
		const rows = await ownRows(db(), personId);
		expect(rows?.walkthroughs).toHaveLength(1);
		expect(rows?.walkthroughs[0]).not.toHaveProperty('code');
		expect(rows?.walkthroughEntries).toHaveLength(1);
	});

	it('agreed to by one side is no agreement, and a walkthrough that nobody came into leaves no summary', async () => {
		const { person, state, open, personId } = await together();
		await saveAnswers(db(), open, MIRELA, now);
		await makeSharedPlan(tools(), person);
		await agreeToPlan(db(), person, (await state()).plan?.id ?? '', now);
		const after = new Date(now.getTime() + LONGEST_SHARED_SESSION_MS);
		expect(await readSummaries(db(), personId, after)).toMatchObject([{ agreed: null, endedBy: 'time' }]);
		const alone = await started();
		expect(await readSummaries(db(), alone.personId, after)).toEqual([]);
	});
});

it('goes with the answers that are withdrawn, entries and all', async () => {
	const { person, token, id } = await together();
	await enterAnswers(db(), person, { stature: '171' }, now);
	await withdrawAnswers(db(), await openAssessment(db(), token), now);
	expect(await db().$count(sharedSessions, eq(sharedSessions.id, id))).toBe(0);
	expect(await db().$count(sharedSessionEntries, eq(sharedSessionEntries.sharedSessionId, id))).toBe(0);
});

it('is kept when two records of one person are merged, and at most one stays open', async () => {
	const [kept, other] = [await together(), await together()];
	await mergePeople(
		db(),
		desk.coordinator,
		{ personId: kept.personId, otherId: other.personId, detailsOfOther: [] },
		desk.later(30)
	);
	const rows = await db().select().from(sharedSessions).where(eq(sharedSessions.personId, kept.personId));
	expect(rows.map(({ id }) => id).sort()).toEqual([kept.id, other.id].sort());
	expect(rows.filter(({ endedAt }) => endedAt === null).map(({ id }) => id)).toEqual([kept.id]);
});

describe('the channel', () => {
	it('sends each change of the walkthrough and of the answers, and says who is there', async () => {
		const { person, coordinator, id, open } = await together();
		const changes = new ChangeFeed(desk.test.url);
		const tools = { db: db(), now: new Date(), changes };
		const closed = vi.fn();
		const live = { ...coordinator, sharedSession: { ...coordinator.sharedSession, startedAt: new Date() } };
		await db().update(sharedSessions).set({ startedAt: new Date() }).where(eq(sharedSessions.id, id));
		const response = await sharedSessionStream(tools, live, () => () => {}, closed);
		const reader = response.body?.getReader();
		const texts: string[] = [];
		const reading = (async () => {
			for (;;) {
				const { done, value } = (await reader?.read()) ?? { done: true, value: undefined };
				if (done) return;
				texts.push(new TextDecoder().decode(value));
			}
		})();
		const last = () => JSON.parse(texts.at(-1)?.replace(/^data: /, '') ?? '{}') as Record<string, unknown>;
		await vi.waitFor(
			() => expect(last()).toMatchObject({ coordinatorsHere: ['one'], isPersonHere: false }),
			PATIENCE
		);
		await enterAnswers(db(), person, { stature: '181' }, new Date());
		await vi.waitFor(() => expect(last()).toMatchObject({ answers: { stature: '181' } }), PATIENCE);
		// Saved on the person's own pages, it comes too.
		await saveAnswers(db(), open, { surfaceHeight: '71' }, new Date());
		await vi.waitFor(() => expect(last()).toMatchObject({ answers: { surfaceHeight: '71' } }), PATIENCE);
		await pointAt(db(), person, { station: 'screen', question: null }, new Date());
		await vi.waitFor(() => expect(last()).toMatchObject({ station: 'screen', pointedBy: null }), PATIENCE);
		await reader?.cancel();
		await reading;
		expect(closed).toHaveBeenCalledTimes(1);
		await vi.waitFor(
			async () =>
				expect(await db().$count(sharedSessionVisits, eq(sharedSessionVisits.sharedSessionId, id))).toBe(0),
			PATIENCE
		);
		changes.close();
	});
});
