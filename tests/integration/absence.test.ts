import { randomUUID } from 'node:crypto';
import { eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { NO_COVER } from '$lib/core/platform/cover';
import { absencePage, handOver, setAbsence, type Absence } from '$lib/server/platform/accounts/absence';
import { standsInFor } from '$lib/server/platform/accounts/stand-ins';
import { undoActs } from '$lib/server/platform/acts/undo-acts';
import { saveAnswers } from '$lib/server/questionnaire/assessments/save-answers';
import { setOwner } from '$lib/server/cases/case-owner';
import { NO_DAY_SHEET_FILTER, readDaySheet } from '$lib/server/cases/day-sheet';
import { alertDeputies } from '$lib/server/platform/cover/alert-deputies';
import { setCover } from '$lib/server/platform/cover/cover-settings';
import { schema } from '$lib/server/platform/db/client';
import { act, Desk, faultOf, MIRELA, PAINLESS } from '../support/desk';

const now = new Date('2026-03-02T09:00:00Z');
const TODAY = '2026-03-02';
const { emails, people } = schema;

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

const away = (over: Partial<Absence> = {}): Absence => ({
	from: TODAY,
	until: '2026-03-13',
	standInId: desk.second.id,
	...over
});

const setAway = (absence: Absence | null, by = desk.coordinator, userId = desk.coordinator.id) =>
	setAbsence(db(), by, { userId, absence }, TODAY, now);

/** Someone with an open case, assigned to an account. */
async function assignedTo(ownerId: string): Promise<string> {
	const { personId } = await desk.answered(MIRELA);
	await setOwner(db(), desk.coordinator, { ...act(personId), ownerId }, now);
	return personId;
}

const mine = async (of: typeof desk.coordinator, today = TODAY) =>
	(await readDaySheet(db(), of, today, { ...NO_DAY_SHEET_FILTER, whose: 'mine' })).lines.map(
		({ personId }) => personId
	);

const ownerOf = async (personId: string) =>
	(await db().select({ ownerId: people.ownerId }).from(people).where(eq(people.id, personId)))[0]?.ownerId;

describe('an absence', () => {
	it('puts the cases of someone away on the list of who stands in, from its first day to its last', async () => {
		const [theirs, own] = [await assignedTo(desk.coordinator.id), await assignedTo(desk.second.id)];
		expect(await mine(desk.second)).toEqual([own]);
		// A colleague enters it for somebody who is ill.
		await setAway(away({ from: '2026-03-03' }), desk.second);
		expect(await mine(desk.second)).toEqual([own]);
		expect(await standsInFor(db(), desk.second.id, TODAY)).toEqual([]);
		for (const day of ['2026-03-03', '2026-03-13']) {
			expect((await mine(desk.second, day)).sort(), day).toEqual([theirs, own].sort());
			expect(await standsInFor(db(), desk.second.id, day)).toEqual([{ name: 'one', until: '2026-03-13' }]);
		}
		expect(await mine(desk.second, '2026-03-14')).toEqual([own]);
		// Theirs stay theirs.
		expect(await mine(desk.coordinator, '2026-03-05')).toEqual([theirs]);
		await setAway(null);
		expect(await mine(desk.second, '2026-03-05')).toEqual([own]);
	});

	it('sends what a deputy would be alerted to to who stands in for them', async () => {
		await setCover(
			db(),
			desk.coordinator,
			{ cover: { ...NO_COVER, minutes: 30, deputyId: desk.coordinator.id }, version: 0 },
			now
		);
		await setAway(away());
		const { open } = await desk.answered(PAINLESS);
		await saveAnswers(db(), open, { 'sign.chest-pain': 'yes' }, now);
		await alertDeputies(db(), desk.later(45));
		const sent = await db().select().from(emails).where(eq(emails.kind, 'deputy-alert'));
		expect(sent.map(({ toEmail }) => toEmail)).toEqual(['two@example.org']);
		// Where both are away, everyone gets it.
		await setAway(away({ standInId: desk.coordinator.id }), desk.coordinator, desk.second.id);
		const other = await desk.answered(PAINLESS);
		await saveAnswers(db(), other.open, { 'sign.chest-pain': 'yes' }, now);
		await db().delete(emails);
		await alertDeputies(db(), desk.later(46));
		const all = await db().select().from(emails).where(eq(emails.kind, 'deputy-alert'));
		expect(all.map(({ toEmail }) => toEmail).sort()).toEqual(['one@example.org', 'two@example.org']);
		await setAway(null);
		await setAway(null, desk.coordinator, desk.second.id);
	});

	it('has days in order that aren’t over, and a colleague with an open account', async () => {
		for (const wrong of [
			{ from: '2026-03-20' },
			{ until: '2026-03-01', from: '2026-02-01' },
			{ from: '2026-02-30' },
			{ standInId: desk.coordinator.id },
			{ standInId: desk.reader.id }
		])
			expect(await faultOf(setAway(away(wrong))), JSON.stringify(wrong)).toBe('invalid');
		expect(await faultOf(setAway(away(), desk.reader))).toBe('not-allowed');
		expect(await faultOf(setAway(away(), desk.coordinator, desk.clinician.id))).toBe('invalid');
		const { coordinators } = await absencePage(db(), desk.coordinator, TODAY);
		expect(coordinators.map(({ name, away: of }) => [name, of])).toEqual([
			['one', null],
			['two', null]
		]);
	});
});

describe('handing over', () => {
	it('gives all of someone’s people to a colleague, as many as were seen, and can be undone', async () => {
		const before = await absencePage(db(), desk.coordinator, TODAY);
		const counted = before.coordinators.find(({ id }) => id === desk.coordinator.id)?.cases ?? 0;
		const added = [await assignedTo(desk.coordinator.id), await assignedTo(desk.coordinator.id)];
		const hand = (expected: number, by = desk.coordinator, key: string = randomUUID()) =>
			handOver(db(), by, { fromId: desk.coordinator.id, toId: desk.second.id, expected, key }, now);
		expect(await faultOf(hand(counted))).toBe('conflict');
		const toThemselves = {
			fromId: desk.coordinator.id,
			toId: desk.coordinator.id,
			expected: 0,
			key: randomUUID()
		};
		expect(await faultOf(handOver(db(), desk.coordinator, toThemselves, now))).toBe('invalid');
		expect(await faultOf(hand(counted + 2, desk.reader))).toBe('not-allowed');
		const key = randomUUID();
		expect(await hand(counted + 2, desk.coordinator, key)).toBe(counted + 2);
		for (const id of added) expect(await ownerOf(id)).toBe(desk.second.id);
		await undoActs(db(), desk.coordinator, key, now);
		for (const id of added) expect(await ownerOf(id)).toBe(desk.coordinator.id);
	});
});
