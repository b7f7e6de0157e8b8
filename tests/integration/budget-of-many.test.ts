import { and, eq, sql } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { readPurchases, type StoredPurchase } from '$lib/core/plan/advice/read-advice';
import { thingsAtHome } from '$lib/core/questionnaire/answers/device-answers';
import { purchaseChoices } from '$lib/core/plan/budget/best-purchases';
import { purchaseOffers } from '$lib/core/plan/budget/purchase-offers';
import { readNeeds, writeOffers, type PersonInNeed } from '$lib/core/plan/budget/needs';
import { PURCHASES } from '$lib/core/plan/purchases';
import type { Actor } from '$lib/server/platform/actor';
import { reassessCase } from '$lib/server/cases/case-assessments/reassess-cases';
import { schema } from '$lib/server/platform/db/client';
import { planBudget } from '$lib/server/plan/equipment/plan-budget';
import { plannerHere } from '$lib/server/plan/planning/planning';
import { readPrices } from '$lib/server/workforce/prices';
import type { TestDatabase } from '../support/database';
import { makeFilledDatabase } from '../support/filled-database';

const { equipmentRequests, equipmentStore, people, purchaseNeeds, users } = schema;

let test: TestDatabase;
let coordinator: Actor;
beforeAll(async () => {
	test = await makeFilledDatabase();
	const [user] = await test.db.select().from(users).where(eq(users.role, 'coordinator'));
	if (!user) throw new Error('The demo has a coordinator');
	coordinator = { kind: 'user', id: user.id, name: user.name, role: 'coordinator' };
});
afterAll(() => test.drop());

/** Who needs what by their plans and answers themselves, one person after the other. */
async function byPlans(team: string): Promise<{ inNeed: PersonInNeed[]; waiting: number }> {
	const { rows } = await test.db.execute<{
		id: string;
		team: string;
		worst: number | null;
		answers: Record<string, string>;
		purchases: StoredPurchase[];
		states: Record<string, string>;
	}>(sql`select p.id, p.team, o.worst, a.answers, pl.advice -> 'purchases' as purchases,
			(select coalesce(jsonb_object_agg(r.purchase, r.state), '{}') from equipment_requests r where r.assessment_id = a.id) as states
		from people p join observations o on o.person_id = p.id and o.until_day is null and o.heights_after = 'off'
			join assessments a on a.id = (select id from assessments n where n.person_id = p.id and n.place_of is null
				and n.answered_at is not null order by n.sent_at desc limit 1)
			join plans pl on pl.assessment_id = a.id and pl.ended_at is null
		where p.left_at is null`);
	const spent = ['approved', 'ordered', 'sent', 'arrived'];
	const all = rows
		.filter((row) => team === '' || row.team === team)
		.map((row) => {
			const own = PURCHASES.filter((thing) => thingsAtHome(row.answers).includes(thing));
			const offers = purchaseOffers(readPurchases(row.purchases), own);
			return { ...row, offers, waits: Object.values(row.states).some((state) => spent.includes(state)) };
		})
		.filter(({ offers }) => offers.length > 0);
	return {
		inNeed: all
			.filter(({ waits }) => !waits)
			.map(({ id, worst, offers, states }) => ({
				personId: id,
				worst: worst ?? 0,
				offers: offers.filter(({ things }) => !things.some((thing) => states[thing] === 'declined'))
			})),
		waiting: all.filter(({ waits }) => waits).length
	};
}

describe('a budget for the demo’s people', () => {
	it('buys for each what their plans and answers say, for any team and money', async () => {
		const prices = new Map((await readPrices(test.db)).map(({ purchase, cents }) => [purchase, cents]));
		await test.db.delete(equipmentStore);
		const teams = await test.db.selectDistinct({ team: people.team }).from(people);
		for (const team of ['', ...teams.map((one) => one.team).slice(0, 4)]) {
			const { inNeed, waiting } = await byPlans(team);
			const lines = inNeed.map(
				({ personId, worst, offers }) => `${personId} ${worst} ${writeOffers(offers)}`
			);
			const { needs } = readNeeds(lines.join('\n'), { waiting: new Set(), declined: new Map() });
			const choices = purchaseChoices(needs, prices);
			for (const money of [0, 150, 1000, 5000, 100_000]) {
				const { plan } = await planBudget(test.db, plannerHere, coordinator, { money: String(money), team });
				const best = choices.within(money * 100);
				expect(plan).toMatchObject({ waiting, spent: best.cents, closes: best.closes, proof: best.proof });
				expect(plan?.lines.map(({ personId, things, cents }) => ({ personId, things, cents }))).toEqual(
					best.bought.slice(0, 200).map(({ personId, things, cents }) => ({ personId, things, cents }))
				);
				expect(plan?.tied.n).toBe(best.tied().length);
				expect(plan?.all).toEqual(choices.unlimited());
				// What changes for them is that purchase's own, and brings what it closes into range.
				for (const { closes, changes } of plan?.lines ?? [])
					expect(changes.filter(({ to }) => to === 0).map(({ id }) => id)).toEqual(
						expect.arrayContaining([...closes])
					);
			}
		}
	});

	it('leaves out what was declined, and who waits', async () => {
		const ask = async () =>
			(await planBudget(test.db, plannerHere, coordinator, { money: '100000', team: '' })).plan;
		const first = (await ask())?.lines.find(({ things }) => things.length === 1);
		const [thing] = first?.things ?? [];
		if (!first || !thing) throw new Error('One person of the demo gets a single item');
		const { rows } = await test.db.execute<{ id: string }>(
			sql`select id from assessments where person_id = ${first.personId} and place_of is null and answered_at is not null order by sent_at desc limit 1`
		);
		const request = { purchase: thing, assessmentId: rows[0]?.id ?? '', askedAt: new Date() };
		await test.db.insert(equipmentRequests).values({ ...request, changedAt: new Date(), state: 'declined' });
		const of = async () => (await ask())?.lines.find(({ personId }) => personId === first.personId);
		expect((await of())?.things ?? []).not.toContain(thing);
		const before = (await ask())?.waiting ?? 0;
		await test.db
			.update(equipmentRequests)
			.set({ state: 'ordered' })
			.where(
				and(eq(equipmentRequests.assessmentId, request.assessmentId), eq(equipmentRequests.purchase, thing))
			);
		expect(await of()).toBeUndefined();
		expect((await ask())?.waiting).toBe(before + 1);
	});

	it('knows what a new plan offers, even where the assessment says the same as before', async () => {
		const [first] = await test.db.select().from(purchaseNeeds).limit(1);
		const personId = first?.personId ?? '';
		const offered = () => test.db.$count(purchaseNeeds, eq(purchaseNeeds.personId, personId));
		const again = (at: Date) => test.db.transaction((tx) => reassessCase(tx, personId, at));
		const at = (minutes: number) => new Date(Date.now() + minutes * 60_000);
		await again(at(1));
		const before = await offered();
		expect(before).toBeGreaterThan(0);
		await test.db
			.execute(sql`update plans set advice = jsonb_set(advice, '{purchases}', '[]'), made_at = ${at(2)}
			where ended_at is null and assessment_id in (select id from assessments where person_id = ${personId})`);
		await again(at(3));
		expect(await offered()).toBe(0);
	});
});
