import { eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { SHIPPED_SETTINGS, type PolicySettings } from '$lib/core/cases/triage/policy-settings';
import type { Actor } from '$lib/server/platform/actor';
import { reassessCases } from '$lib/server/cases/case-assessments/reassess-cases';
import { reassessOutdatedCases } from '$lib/server/cases/case-assessments/reassess-outdated-cases';
import { schema } from '$lib/server/platform/db/client';
import { inTransaction } from '$lib/server/platform/db/transaction';
import { lockPeople } from '$lib/server/people/lock-person';
import { publishPolicy } from '$lib/server/platform/rules/policy-versions';
import { readRules } from '$lib/server/platform/rules/read-rules';
import type { TestDatabase } from '../support/database';
import { makeFilledDatabase } from '../support/filled-database';

const { assessmentResults, cases, observations, users } = schema;

let test: TestDatabase;
let coordinator: Actor;
let now: Date;
const db = () => test.db;

beforeAll(async () => {
	test = await makeFilledDatabase();
	const [user] = await db().select().from(users).where(eq(users.role, 'coordinator'));
	if (!user) throw new Error('The demo has a coordinator');
	coordinator = { kind: 'user', id: user.id, name: user.name, role: 'coordinator' };
	const { rows } = await db().execute<{ at: string }>(
		sql`select max(at)::text as at from assessment_results`
	);
	now = new Date(String(rows[0]?.at));
	// The demo's history has days, not moments: what was answered in the course of the last one is read once more.
	await publish({ recheckDays: 310 });
	await readEverything();
});
afterAll(() => test.drop());

const publish = async (settings: Partial<PolicySettings>) =>
	publishPolicy(
		db(),
		coordinator,
		{ settings: { ...SHIPPED_SETTINGS, ...settings }, note: '', seen: (await readRules(db())).ownVersion },
		now
	);

/** Assesses everyone as an act of theirs does: all that an assessment rests on is read. */
async function readEverything() {
	const ids = (await db().select({ id: cases.personId }).from(cases)).map(({ id }) => id);
	await inTransaction(db(), async (tx) => reassessCases(tx, await lockPeople(tx, ids), now));
}

/** What statistics count of everyone at present, without where it is stored and since when. */
async function counted() {
	const { rows } = await db().execute<{ person: string; counted: string }>(sql`select person_id as person,
		(to_jsonb(o) - 'id' - 'assessment_result_id' - 'on_day')::text as counted from observations o where until_day is null order by 1`);
	return rows;
}

/** What could be bought for everyone. */
const needs = async () => (await db().execute(sql`select * from purchase_needs order by person_id`)).rows;

const howMany = async () => ({
	assessments: await db().$count(assessmentResults),
	observations: await db().$count(observations)
});

describe('new settings, for everyone of the demo', () => {
	it('are counted as if everything that an assessment rests on were read again', async () => {
		await publish({ clinicianFrom: 6, answerDays: 2 });
		const levels = () =>
			db().select({ id: cases.personId, level: cases.level }).from(cases).orderBy(cases.personId);
		const [before, first] = [await howMany(), await levels()];
		await reassessOutdatedCases(db(), () => now);
		const after = await howMany();
		const moved = (await levels()).filter(({ level }, i) => level !== first[i]?.level).length;
		expect(moved).toBeGreaterThan(0);
		expect(after.assessments - before.assessments).toBeGreaterThan(100);
		// Only a level that changed is worth a row.
		expect(after.observations - before.observations).toBe(moved);
		const [quick, quickNeeds] = [await counted(), await needs()];

		// Settings that change no level, with everything read.
		await publish({ clinicianFrom: 6, answerDays: 2, recheckDays: 300 });
		await readEverything();
		expect((await howMany()).observations - after.observations).toBeGreaterThan(100);
		expect(await counted()).toEqual(quick);
		expect(await needs()).toEqual(quickNeeds);
	});

	it('leave everyone exactly one row for today', async () => {
		const { rows } = await db().execute(sql`select person_id from observations where until_day is null
			group by person_id having count(*) > 1`);
		expect(rows).toEqual([]);
	});
});
