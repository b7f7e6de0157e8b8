import { randomUUID } from 'node:crypto';
import { inArray } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { schema } from '$lib/server/platform/db/client';
import { decideEquipment } from '$lib/server/plan/equipment/decide-equipment';
import { orderEquipment } from '$lib/server/plan/equipment/order-equipment';
import { orderTogether, type JointOrder } from '$lib/server/plan/equipment/order-together';
import { act, Desk, faultOf, PAINLESS } from '../support/desk';

const { equipmentRequests } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

/** An approved request of a new person. */
async function approved() {
	const { personId } = await desk.answered(PAINLESS);
	const key = randomUUID();
	await orderEquipment(db(), desk.coordinator, { ...act(personId), key, thing: 'headset' }, now);
	const decision = { requestId: key, to: 'approved', reason: '', version: 1, key: randomUUID() } as const;
	await decideEquipment(db(), desk.coordinator, decision, now);
	return { id: key, version: 2 };
}

const rowsOf = (ids: readonly string[]) =>
	db()
		.select({
			state: equipmentRequests.state,
			supplier: equipmentRequests.supplier,
			orderNumber: equipmentRequests.orderNumber,
			costCents: equipmentRequests.costCents
		})
		.from(equipmentRequests)
		.where(inArray(equipmentRequests.id, [...ids]));

const ORDER: JointOrder['order'] = {
	supplier: ' Desk & Co ',
	number: '4711',
	cost: '49.90',
	currency: 'EUR'
};

const order = (requests: JointOrder['requests'], over: Partial<JointOrder> = {}, by = desk.coordinator) =>
	orderTogether(db(), by, { requests, order: ORDER, key: randomUUID(), ...over }, now);

describe('one order for several people', () => {
	it('has one supplier and number for all, each at the price of one, and is undone in one go', async () => {
		const requests = [await approved(), await approved(), await approved()];
		const key = randomUUID();
		expect(await order(requests, { key })).toBe(3);
		const ids = requests.map(({ id }) => id);
		const ordered = { state: 'ordered', supplier: 'Desk & Co', orderNumber: '4711', costCents: 4990 };
		expect(await rowsOf(ids)).toEqual([ordered, ordered, ordered]);
		// Sent twice, it is done once.
		await order(requests, { key }).catch(() => null);
		expect(await rowsOf(ids)).toEqual([ordered, ordered, ordered]);
		expect(await undoActs(db(), desk.coordinator, key, now)).toBe(3);
		expect((await rowsOf(ids)).map(({ state }) => state)).toEqual(['approved', 'approved', 'approved']);
	});

	it('is refused as a whole where one has moved on, without a supplier, or by the wrong person', async () => {
		const [first, second] = [await approved(), await approved()];
		const declined = {
			requestId: second.id,
			to: 'declined',
			reason: 'x',
			version: 2,
			key: randomUUID()
		} as const;
		await decideEquipment(db(), desk.second, declined, now);
		expect(await faultOf(order([first, second]))).toBe('conflict');
		expect((await rowsOf([first.id]))[0]?.state).toBe('approved');
		const nowhere = { ...ORDER, supplier: ' ', number: '' };
		expect(await faultOf(order([first], { order: nowhere }))).toBe('invalid');
		expect(await faultOf(order([]))).toBe('invalid');
		expect(await faultOf(order([first], { order: { ...ORDER, cost: 'much' } }))).toBe('invalid');
		expect(await faultOf(order([first], {}, desk.reader))).toBe('not-allowed');
	});
});
