import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { schema } from '$lib/server/platform/db/client';
import { approvePurchases } from '$lib/server/plan/equipment/approve-purchases';
import { orderEquipment } from '$lib/server/plan/equipment/order-equipment';
import { decideEquipment, type EquipmentDecision } from '$lib/server/plan/equipment/decide-equipment';
import { planBudget } from '$lib/server/plan/equipment/plan-budget';
import {
	equipmentFilterOf,
	equipmentRows,
	readEquipmentBoard
} from '$lib/server/plan/equipment/read-equipment-board';
import { setStock, readStock } from '$lib/server/plan/equipment/store';
import { readYearBudget, setYearBudget } from '$lib/server/plan/equipment/year-budget';
import { planHere } from '../support/planning';
import { setPrices } from '$lib/server/platform/organisation-settings/set-prices';
import { DEMO_PEOPLE } from '../../seed/people';
import { NO_SIGNS } from '../../seed/profiles';
import { act, Desk, faultOf, MIRELA } from '../support/desk';

let desk: Desk;
const now = new Date('2026-03-02T09:00:00Z');
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const lineOf = async (personId: string, query = '') =>
	(
		await readEquipmentBoard(db(), desk.coordinator, equipmentFilterOf(new URLSearchParams(query)))
	).lines.find((line) => line.personId === personId);
const onHand = async (thing: string) => (await readStock(db())).find((row) => row.thing === thing)?.onHand;

/** Moves the only request of a person on. @returns the key of the act */
async function decide(
	personId: string,
	to: EquipmentDecision['to'],
	more: Partial<EquipmentDecision> = {}
): Promise<string> {
	const [request] = await db()
		.select({ id: schema.equipmentRequests.id, version: schema.equipmentRequests.version })
		.from(schema.equipmentRequests)
		.innerJoin(schema.assessments, eq(schema.assessments.id, schema.equipmentRequests.assessmentId))
		.where(eq(schema.assessments.personId, personId));
	const key = randomUUID();
	const asked = { requestId: request?.id ?? '', version: request?.version ?? 0, to, reason: '', key };
	await decideEquipment(db(), desk.coordinator, { ...asked, ...more }, now);
	return key;
}

describe('things beside the plan', () => {
	it('are asked for by the person, with the finding that they are for', async () => {
		// Flat papers beside the keys: no plan closes that, a holder does.
		const { personId, open } = await desk.answered({ ...MIRELA, 'check.papers': 'flat' });
		await requestEquipment(db(), open, { purchase: 'paper-holder', wanted: true }, now);
		expect(await lineOf(personId)).toMatchObject({
			purchase: 'paper-holder',
			closes: [],
			findings: ['papers-flat']
		});
		const rows = await equipmentRows(
			db(),
			desk.coordinator,
			equipmentFilterOf(new URLSearchParams()),
			() => ''
		);
		expect(rows.find((row) => row[0] === 'paper-holder')?.[6]).toBe('papers-flat');
		expect((await desk.judged(personId)).reasons.some(({ what }) => what === 'equipment')).toBe(true);
	});

	it('are asked for in a person’s place, once, and taken back on the day', async () => {
		const { personId } = await desk.answered();
		const ask = (thing: 'headset' | 'desk-lamp') => {
			const input = { ...act(personId), thing };
			return { key: input.key, done: faultOf(orderEquipment(db(), desk.coordinator, input, now)) };
		};
		expect(await ask('headset').done).toBe('none');
		expect(await ask('headset').done).toBe('conflict');
		const lamp = ask('desk-lamp');
		expect(await lamp.done).toBe('none');
		await undoActs(db(), desk.coordinator, lamp.key, now);
		expect((await lineOf(personId))?.purchase).toBe('headset');
		const nobody = await desk.person();
		expect(
			await faultOf(orderEquipment(db(), desk.coordinator, { ...act(nobody), thing: 'headset' }, now))
		).toBe('conflict');
	});
});

describe('the store', () => {
	it('is counted by one at a time', async () => {
		const count = (onHandNow: number, version: number) =>
			faultOf(setStock(db(), desk.coordinator, { thing: 'footrest', onHand: onHandNow, version }, now));
		expect([await count(2, 0), await count(5, 0), await count(3, 1)]).toEqual(['none', 'conflict', 'none']);
		expect(await onHand('footrest')).toBe(3);
	});

	it('lends what it has until a day, takes it back, and is right again after an undo', async () => {
		await setStock(db(), desk.coordinator, { thing: 'monitor', onHand: 1, version: 0 }, now);
		const [first, second] = [await desk.answered(), await desk.answered()];
		for (const { open, personId } of [first, second]) {
			await requestEquipment(db(), open, { purchase: 'monitor', wanted: true }, now);
			await decide(personId, 'approved');
		}
		const lent = { lent: { backBy: '2026-06-01' } };
		// One that is ordered comes from where it was ordered.
		const third = await desk.answered();
		await requestEquipment(db(), third.open, { purchase: 'monitor', wanted: true }, now);
		for (const to of ['approved', 'ordered'] as const) await decide(third.personId, to);
		expect(await faultOf(decide(third.personId, 'sent', lent))).toBe('conflict');
		expect(await onHand('monitor')).toBe(1);
		await decide(first.personId, 'sent', lent);
		expect(await onHand('monitor')).toBe(0);
		expect(await lineOf(first.personId)).toMatchObject({ fromStore: true, backBy: '2026-06-01' });
		expect(await faultOf(decide(second.personId, 'sent', lent))).toBe('conflict');
		expect((await lineOf(second.personId))?.state).toBe('approved');
		await decide(first.personId, 'arrived');
		const back = await decide(first.personId, 'returned');
		expect(await onHand('monitor')).toBe(1);
		await undoActs(db(), desk.coordinator, back, now);
		expect(await onHand('monitor')).toBe(0);
		expect((await lineOf(first.personId, 'state=arrived'))?.state).toBe('arrived');
	});
});

describe('a budget', () => {
	const ask = (money: string, team = 'Budget') =>
		planBudget(db(), planHere, desk.coordinator, { money, team });
	const approve = (people: readonly string[], key: string = randomUUID(), money = '100') =>
		approvePurchases(db(), planHere, desk.coordinator, { money, team: 'Budget', people, key }, now);
	/** Someone whose screen stays too low with all that the home has: a monitor closes it. */
	const TEODOR = DEMO_PEOPLE.find((p) => p.name.startsWith('Teodor'))?.answers ?? {};
	const inTeam = async (answers: Readonly<Record<string, string>>) => {
		const { personId } = await desk.answered({ ...NO_SIGNS, ...answers });
		await db().update(schema.people).set({ team: 'Budget' }).where(eq(schema.people.id, personId));
		return personId;
	};
	const stateOf = async (personId: string) => (await lineOf(personId))?.state;

	beforeAll(async () => {
		const prices = { footrest: '39.90', 'keyboard-and-mouse': '45', monitor: '189' };
		const none = { 'foot-bar': '', 'seat-cushion': '', chair: '', 'another-surface': '' };
		await setPrices(db(), desk.coordinator, { ...prices, ...none }, 'EUR', now);
	});

	it('buys for who stays open, within the money, and leaves out who waits already', async () => {
		const personId = await inTeam(TEODOR);
		const another = await inTeam(TEODOR);
		const { plan, currency } = await ask('1000');
		expect(currency).toBe('EUR');
		expect(plan?.lines.map((line) => line.personId).sort()).toEqual([personId, another].sort());
		const cost = plan?.lines[0]?.cents ?? 0;
		expect(plan?.spent).toBe(2 * cost);
		expect(plan?.all).toEqual({ cents: plan?.spent, closes: plan?.closes, people: 2 });
		// Money for one and not for two.
		const one = await ask(((2 * cost - 1) / 100).toFixed(2));
		expect(one.plan?.people).toBe(1);
		expect(one.plan?.spent).toBeLessThanOrEqual(2 * cost - 1);
		await approve([personId], randomUUID(), '1000');
		expect(await stateOf(personId)).toBe('approved');
		expect((await ask('1000')).plan).toMatchObject({ people: 1, waiting: 1 });
		const letters = await db().select().from(schema.emails).where(eq(schema.emails.personId, personId));
		expect(letters.some(({ body }) => /footrest|keyboard|monitor/i.test(body))).toBe(false);
	});

	it('is approved once, for whom it still holds, all or none, and taken back', async () => {
		const [personId, another] = [await inTeam(TEODOR), await inTeam(TEODOR)];
		const key = randomUUID();
		const whom = [personId, another];
		expect(await faultOf(approve([...whom, await desk.person()], key, '9000'))).toBe('conflict');
		expect(await stateOf(personId)).toBeUndefined();
		expect(await approve(whom, key, '9000')).toBe(2);
		expect(await stateOf(another)).toBe('approved');
		// They wait now: the page that was left open has lost its hold.
		expect(await faultOf(approve(whom, randomUUID(), '9000'))).toBe('conflict');
		await undoActs(db(), desk.coordinator, key, now);
		expect(await stateOf(personId)).toBeUndefined();
		expect(await stateOf(another)).toBeUndefined();
	});

	it('is refused where it is no money, where nobody is ticked, and to who is no coordinator', async () => {
		expect(await ask('some')).toMatchObject({ plan: null, unread: { kind: 'invalid', at: '/price' } });
		expect((await ask('')).plan).toBeNull();
		expect(await faultOf(approve([]))).toBe('invalid');
		expect(await faultOf(planBudget(db(), planHere, desk.reader, { money: '1', team: '' }))).toBe(
			'not-allowed'
		);
	});
});

describe('the budget of a year', () => {
	const read = () => readYearBudget(db(), desk.coordinator, 2026, 'EUR');
	const set = (amount: string, version: number) =>
		setYearBudget(db(), desk.coordinator, { year: 2026, amount, currency: 'EUR', version }, now);

	it('says what is spent, approved and left over, in one currency, without what came from stock', async () => {
		await db().delete(schema.equipmentRequests);
		await db().delete(schema.purchasePrices);
		await db().insert(schema.purchasePrices).values({ purchase: 'monitor', cents: 18_900, currency: 'EUR' });
		const one = async (purchase: 'monitor' | 'footrest') => {
			const { personId, open } = await desk.answered();
			await requestEquipment(db(), open, { purchase, wanted: true }, now);
			await decide(personId, 'approved');
			return personId;
		};
		const order = (cost: string, currency = 'EUR') => ({
			order: { supplier: 'Weir & Lantern Supplies', number: '1', cost, currency }
		});
		const [bought, abroad] = [await one('monitor'), await one('monitor'), await one('monitor')];
		await one('footrest');
		await decide(bought, 'ordered', order('174.50'));
		await decide(abroad, 'ordered', order('150', 'GBP'));
		// One monitor is approved at its price; the footrest has none, and the pounds are no euros.
		expect(await read()).toMatchObject({
			budgetCents: null,
			spentCents: 17_450,
			promisedCents: 18_900,
			notCounted: 2,
			version: 0
		});
		await set('1000', 0);
		expect(await read()).toMatchObject({ budgetCents: 100_000, currency: 'EUR', version: 1 });
		expect(await readYearBudget(db(), desk.coordinator, 2027, 'EUR')).toMatchObject({
			budgetCents: null,
			spentCents: 0
		});
	});

	it('is set by one of two coordinators at once, refused where it is no amount, and taken away', async () => {
		expect(await faultOf(set('2000', 1))).toBe('none');
		expect(await faultOf(set('3000', 1))).toBe('conflict');
		expect(await faultOf(set('a lot', 2))).toBe('invalid');
		expect(await read()).toMatchObject({ budgetCents: 200_000, version: 2 });
		await set('', 2);
		expect(await read()).toMatchObject({ budgetCents: null, version: 0 });
	});
});
