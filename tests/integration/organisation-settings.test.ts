import { randomUUID } from 'node:crypto';
import { and, eq } from 'drizzle-orm';
import { afterAll, beforeAll, describe, expect, it } from 'vitest';
import { addDays, type CivilDate } from '$lib/core/platform/calendar/civil-date';
import type { SettingsArea, SettingsByArea } from '$lib/core/platform/organisation-settings/areas';
import { originalSettings } from '$lib/core/platform/organisation-settings/settings-document';
import { requestEquipment } from '$lib/server/questionnaire/assessments/request-equipment';
import { chooseBreakSchedule } from '$lib/server/breaks/choose-break-schedule';
import { newestAssessmentResult } from '$lib/server/cases/case-assessments/newest-assessment-result';
import { reassessOutdatedCases } from '$lib/server/cases/case-assessments/reassess-outdated-cases';
import { schema } from '$lib/server/platform/db/client';
import { decideEquipment } from '$lib/server/plan/equipment/decide-equipment';
import { orderEquipment } from '$lib/server/plan/equipment/order-equipment';
import { ownRequests, setDeliveryAddress } from '$lib/server/plan/equipment/own-requests';
import {
	equipmentFilterOf,
	equipmentRows,
	readEquipmentBoard
} from '$lib/server/plan/equipment/read-equipment-board';
import { readStock, setStock } from '$lib/server/plan/equipment/store';
import { previewSettings } from '$lib/server/platform/organisation-settings/preview-settings';
import { publishSettings, settingsPage } from '$lib/server/platform/organisation-settings/publish-settings';
import { readSettings } from '$lib/server/platform/organisation-settings/read-settings';
import { createRound } from '$lib/server/people/rounds/edit-rounds';
import { startRound } from '$lib/server/people/rounds/run-round';
import { sendDueReminders } from '$lib/server/people/rounds/send-due-reminders';
import { sendRoundBatches } from '$lib/server/people/rounds/send-round';
import { adoptStyle, startStyleTrial, stylesAt } from '$lib/server/plan/plans/sitting-styles';
import { readPrices } from '$lib/server/workforce/prices';
import { setPrices } from '$lib/server/platform/organisation-settings/set-prices';
import { openFollowUp, setFollowUp } from '$lib/server/cases/follow-ups/set-follow-up';
import { followUpsBetween } from '$lib/server/cases/follow-ups/list-follow-ups';
import { planHere } from '../support/planning';
import { act, Desk, faultOf, MIRELA } from '../support/desk';

const { equipmentRequests, people, rounds, savedFilters } = schema;

const now = new Date('2026-03-02T09:00:00Z');

let desk: Desk;
const db = () => desk.test.db;

beforeAll(async () => void (desk = await Desk.make(now)));
afterAll(() => desk.test.drop());

/** Publishes settings of an area on top of the newest. */
async function publish<A extends SettingsArea>(
	area: A,
	change: (settings: SettingsByArea[A]) => SettingsByArea[A]
): Promise<number> {
	const { version, current } = await settingsPage(db(), desk.coordinator, area, null);
	const input = { area, settings: change(current), note: 'why', seen: version };
	return publishSettings(db(), desk.coordinator, input, now);
}

describe('settings of the organisation', () => {
	it('are published once, with who and why, seen by a colleague, and taken back by an earlier version', async () => {
		const fewer = (settings: SettingsByArea['choices']) => ({
			...settings,
			breakSchedules: settings.breakSchedules.filter((one) => one !== 'walks')
		});
		expect(await publish('choices', fewer)).toBe(1);
		const input = { area: 'choices' as const, settings: originalSettings('choices'), note: '', seen: 0 };
		// A colleague's page that showed the version before.
		expect(await faultOf(publishSettings(db(), desk.coordinator, input, now))).toBe('conflict');
		// Nothing is different.
		expect(await faultOf(publish('choices', (settings) => settings))).toBe('invalid');
		const page = await settingsPage(db(), desk.coordinator, 'choices', 0);
		expect(page.start).toEqual(originalSettings('choices'));
		expect(page.versions).toMatchObject([
			{ version: 1, note: 'why', changes: [{ how: 'removed', name: 'walks' }] }
		]);
		expect(await publishSettings(db(), desk.coordinator, { ...input, seen: 1 }, now)).toBe(2);
		expect(await faultOf(settingsPage(db(), desk.coordinator, 'choices', 9))).toBe('not-found');
		expect(await faultOf(settingsPage(db(), desk.reader, 'choices', null))).toBe('not-allowed');
	});
});

describe('what employees can choose', () => {
	it('is offered and accepted no longer, while a choice that was made stays', async () => {
		const { open, personId } = await desk.answered(MIRELA);
		const corner = open.assessment.workstation!;
		await chooseBreakSchedule(db(), open, { breakSchedule: 'walks', share: 'moving' });
		const only = { sittingStyles: [corner.way], breakSchedules: ['few' as const] };
		await db().update(people).set({ breakSchedule: 'walks' }).where(eq(people.id, personId));
		const preview = await previewSettings(db(), desk.coordinator, 'choices', only, now);
		expect(preview).toMatchObject({ effects: null });
		expect(preview.people).toContainEqual({ personId, name: expect.any(String), what: 'walks' });
		await publish('choices', () => only);
		expect(await stylesAt(db(), corner)).toEqual([corner.way]);
		const other = corner.way === 'upright' ? 'open' : 'upright';
		expect(await faultOf(startStyleTrial(db(), open, other, now))).toBe('conflict');
		expect(await faultOf(adoptStyle(db(), open, other, planHere, now))).toBe('conflict');
		// Their own stays; another one is refused.
		await chooseBreakSchedule(db(), open, { breakSchedule: 'walks', share: 'moving' });
		expect(await faultOf(chooseBreakSchedule(db(), open, { breakSchedule: 'hour', share: 'moving' }))).toBe(
			'conflict'
		);
		await publish('choices', () => originalSettings('choices'));
	});
});

describe('days off', () => {
	it('move deadlines when every case is assessed again, mail nobody by that, and keep a follow-up on its day', async () => {
		const { personId } = await desk.answered({ ...MIRELA, 'pain.neck.worst': '5' });
		const before = await newestAssessmentResult(db(), personId);
		const actBy = before?.actBy ?? '';
		expect(actBy).not.toBe('');
		const seen = (await openFollowUp(db(), personId, 'look'))?.version ?? 0;
		const input = { ...act(personId), kind: 'look' as const, seen, due: actBy, reason: 'call' };
		await setFollowUp(db(), desk.coordinator, input, now);
		const dayOff = {
			date: actBy as CivilDate,
			name: 'Company day',
			country: '',
			region: '',
			isWorked: false
		};
		const preview = await previewSettings(db(), desk.coordinator, 'days-off', { days: [dayOff] }, now);
		expect(preview.people).toContainEqual({ personId, name: expect.any(String), what: actBy });
		expect(preview.effects?.moves).toEqual([]);
		expect(preview.effects?.otherDays.n).toBeGreaterThan(0);
		const mails = await db().$count(schema.emails);
		await publish('days-off', () => ({ days: [dayOff] }));
		await reassessOutdatedCases(db(), () => now);
		const after = await newestAssessmentResult(db(), personId);
		expect(after?.level).toBe(before?.level);
		expect((after?.actBy ?? '') > actBy).toBe(true);
		expect(await db().$count(schema.emails)).toBe(mails);
		const span = { from: actBy, until: addDays(actBy as CivilDate, 20), today: '2026-03-02' };
		const { lines } = await followUpsBetween(db(), desk.coordinator, span);
		expect(lines.find((line) => line.personId === personId)).toMatchObject({ due: actBy, isFree: true });
	});
});

describe('reminders of a round', () => {
	it('skip the days off of the place where each person lives', async () => {
		const team = 'Reminded';
		const [home, abroad] = [await desk.person({ team }), await desk.person({ team })];
		await db().update(people).set({ country: 'PT' }).where(eq(people.id, home));
		await db().update(people).set({ country: 'DE', region: 'BE' }).where(eq(people.id, abroad));
		// The third working day after the round goes out is off in Portugal, and for everybody the one after it.
		const off = (date: string, country: string) => ({
			date: date as CivilDate,
			name: 'Company day',
			country,
			region: '',
			isWorked: false
		});
		await publish('days-off', () => ({ days: [off('2026-03-05', 'PT'), off('2026-03-06', '')] }));
		const input = {
			name: 'March',
			filter: { teams: [team], country: '', notAnsweredWithinDays: 0 },
			sittingStyle: 'open',
			questionnaireMode: 'complete',
			breakSchedule: 'half-hour',
			subject: 'A look',
			body: 'Hello.',
			startsOn: '2026-03-02',
			dueOn: '2026-03-30',
			timeZone: 'UTC'
		} as const;
		const id = await createRound(db(), desk.coordinator, input, now);
		await startRound(db(), desk.coordinator, { id, version: 1, expected: 2 }, now);
		await sendRoundBatches(db(), () => now);
		const days = new Map<string, string[]>([
			[home, []],
			[abroad, []]
		]);
		for (let day = 3; day <= 13; day += 1) {
			const iso = `2026-03-${String(day).padStart(2, '0')}`;
			await sendDueReminders(db(), new Date(`${iso}T12:00:00Z`));
			for (const [personId, seen] of days) {
				const ofPerson = and(eq(schema.emails.personId, personId), eq(schema.emails.kind, 'reminder'));
				if ((await db().$count(schema.emails, ofPerson)) > seen.length) seen.push(iso);
			}
		}
		// 3 and 7 working days after Monday 2 March, counted in each place.
		expect(days.get(abroad)).toEqual(['2026-03-05', '2026-03-12']);
		expect(days.get(home)).toEqual(['2026-03-09', '2026-03-13']);
		await publish('days-off', () => ({ days: [] }));
	});
});

describe('the catalogue', () => {
	const light = {
		code: 'item-1' as const,
		isOffered: true,
		names: { en: 'Clip-on light', de: 'Klemmleuchte' },
		helps: ['looks-at-keys' as const],
		cents: 2_490,
		supplier: 'Bracken Supplies',
		article: 'BS-L02',
		deliveryDays: 3
	};

	it('adds an item that people can ask for, with its name, price, supplier and delivery', async () => {
		const { open, personId } = await desk.answered({ ...MIRELA, 'check.keys-seen': 'looks' });
		const ask = (wanted = true) => requestEquipment(db(), open, { purchase: 'item-1', wanted }, now);
		expect(await faultOf(ask())).toBe('conflict');
		await publish('equipment', (settings) => ({ ...settings, items: [...settings.items, light] }));
		await ask();
		expect(await ownRequests(db(), open)).toMatchObject({
			requests: [{ purchase: 'item-1', state: 'asked' }],
			names: { 'item-1': 'Clip-on light' },
			isWaiting: true
		});
		const board = await readEquipmentBoard(db(), desk.coordinator, equipmentFilterOf(new URLSearchParams()));
		expect(board.catalogue).toContainEqual(
			expect.objectContaining({ code: 'item-1', cents: 2_490, supplier: 'Bracken Supplies', deliveryDays: 3 })
		);
		// It was asked for, so it stays in the catalogue; it need not be offered.
		const without = (settings: SettingsByArea['equipment']) => ({
			...settings,
			items: settings.items.filter(({ code }) => code !== 'item-1')
		});
		expect(await faultOf(publish('equipment', without))).toBe('conflict');
		const unoffered = (settings: SettingsByArea['equipment']) => ({
			...settings,
			items: settings.items.map((item) => (item.code === 'item-1' ? { ...item, isOffered: false } : item))
		});
		const { current } = await settingsPage(db(), desk.coordinator, 'equipment', null);
		expect(await previewSettings(db(), desk.coordinator, 'equipment', unoffered(current), now)).toMatchObject(
			{
				concerned: 1,
				people: [{ personId, what: 'item-1' }]
			}
		);
		await publish('equipment', unoffered);
		await ask(false);
		expect(await faultOf(ask())).toBe('conflict');
		// A coordinator can still add it for somebody.
		await orderEquipment(db(), desk.coordinator, { ...act(personId), thing: 'item-1' }, now);
	});

	it('has one truth for a price, wherever it was set', async () => {
		const none = {
			'keyboard-and-mouse': '',
			footrest: '39.90',
			'foot-bar': '',
			'seat-cushion': '',
			monitor: '',
			chair: '',
			'another-surface': ''
		};
		await setPrices(db(), desk.coordinator, none, 'EUR', now);
		expect(await readPrices(db())).toEqual([{ purchase: 'footrest', cents: 3_990, currency: 'EUR' }]);
		const { settings, version } = await readSettings(db(), 'equipment');
		expect(settings.items.find(({ code }) => code === 'footrest')?.cents).toBe(3_990);
		// The own item's price isn't touched by the form of what plans can buy.
		expect(settings.items.find(({ code }) => code === 'item-1')?.cents).toBe(2_490);
		await setPrices(db(), desk.coordinator, none, 'EUR', now);
		expect((await readSettings(db(), 'equipment')).version).toBe(version);
		await publish('equipment', (all) => ({
			...all,
			items: all.items.map((item) => (item.code === 'monitor' ? { ...item, cents: 18_900 } : item))
		}));
		expect((await readPrices(db())).map(({ purchase }) => purchase)).toEqual(['footrest', 'monitor']);
	});
});

describe('an eye test', () => {
	it('is asked for where there is an entitlement, recorded when it was done, and asked for again later', async () => {
		const { open, personId } = await desk.answered();
		const ask = (wanted = true) => requestEquipment(db(), open, { purchase: 'eye-test', wanted }, now);
		const inCountry = async (country: string) => {
			await db().update(people).set({ country }).where(eq(people.id, personId));
			return ownRequests(db(), { ...open, country });
		};
		expect(await inCountry('US')).toMatchObject({ eyeTest: null });
		expect(await faultOf(ask())).toBe('conflict');
		expect(await inCountry('DE')).toMatchObject({
			eyeTest: { law: expect.stringContaining('90/270/EEC'), isAsked: false, doneAt: null }
		});
		await ask();
		// A coordinator sees that something waits, and it is neither in stock nor to deliver.
		expect((await desk.judged(personId)).reasons.some(({ what }) => what === 'equipment')).toBe(true);
		expect(await inCountry('DE')).toMatchObject({ isWaiting: false, eyeTest: { isAsked: true } });
		const decide = async (to: 'approved' | 'ordered' | 'arrived') => {
			const [request] = await db()
				.select()
				.from(equipmentRequests)
				.where(eq(equipmentRequests.purchase, 'eye-test'));
			const { id, version } = request!;
			await decideEquipment(
				db(),
				desk.coordinator,
				{ requestId: id, version, to, reason: '', key: randomUUID() },
				now
			);
		};
		await decide('approved');
		expect(await faultOf(decide('ordered'))).toBe('conflict');
		await decide('arrived');
		expect(await inCountry('DE')).toMatchObject({ eyeTest: { isAsked: false, doneAt: now } });
		await ask();
		expect(await inCountry('DE')).toMatchObject({ eyeTest: { isAsked: true, doneAt: null } });
	});
});

describe('stock', () => {
	/** Asks for a monitor. @returns how to decide on it */
	async function asked() {
		const { open, personId } = await desk.answered();
		await requestEquipment(db(), open, { purchase: 'monitor', wanted: true }, now);
		const [{ requests }] = [await ownRequests(db(), open)];
		expect(requests).toHaveLength(1);
		const read = async () => {
			const { lines } = await readEquipmentBoard(
				db(),
				desk.coordinator,
				equipmentFilterOf(new URLSearchParams())
			);
			return lines.find((line) => line.personId === personId)!;
		};
		const decide = async (more: object) => {
			const { id, version } = await read();
			const input = { requestId: id, version, reason: '', key: randomUUID(), ...more };
			await decideEquipment(db(), desk.coordinator, input as Parameters<typeof decideEquipment>[2], now);
		};
		return { open, read, decide };
	}
	const stockOf = async () => (await readStock(db())).find(({ thing }) => thing === 'monitor');

	it('is reserved with the approval, promised to one person only, and free when it is ordered instead', async () => {
		await setStock(db(), desk.coordinator, { thing: 'monitor', onHand: 1, version: 0 }, now);
		const [first, second] = [await asked(), await asked()];
		await first.decide({ to: 'approved', isReserved: true });
		expect(await stockOf()).toMatchObject({ onHand: 1, reserved: 1, free: 0 });
		expect(await faultOf(second.decide({ to: 'approved', isReserved: true }))).toBe('conflict');
		await second.decide({ to: 'approved' });
		// What is reserved for somebody isn't sent to somebody else.
		expect(await faultOf(second.decide({ to: 'sent', lent: { backBy: '' } }))).toBe('conflict');
		await first.decide({ to: 'ordered', order: { supplier: 'X', number: '1', cost: '', currency: 'EUR' } });
		expect(await stockOf()).toMatchObject({ onHand: 1, reserved: 0, free: 1 });
		await second.decide({ to: 'sent', lent: { backBy: '' } });
		expect(await stockOf()).toMatchObject({ onHand: 0, reserved: 0 });
	});

	it('goes where the person says, and forgets the address when it has arrived', async () => {
		const { open, read, decide } = await asked();
		await setDeliveryAddress(db(), open, ' 4 Tarn Lane\nHarbour ');
		expect((await read()).deliverTo).toBe('4 Tarn Lane\nHarbour');
		const rows = await equipmentRows(
			db(),
			desk.coordinator,
			equipmentFilterOf(new URLSearchParams('purchase=monitor')),
			(at) => at.toISOString().slice(0, 10)
		);
		expect(rows.some((row) => row.includes('4 Tarn Lane\nHarbour'))).toBe(true);
		// As purchasing's program takes it.
		await publish('purchasing-file', () => ({
			columns: [
				{ content: 'deliver to', heading: 'Ship to', value: '' },
				{ content: 'fixed', heading: 'Cost centre', value: '4711' }
			]
		}));
		const table = await equipmentRows(
			db(),
			desk.coordinator,
			equipmentFilterOf(new URLSearchParams('purchase=monitor')),
			(at) => at.toISOString()
		);
		expect(table[0]).toEqual(['Ship to', 'Cost centre']);
		expect(table).toHaveLength(rows.length);
		expect(table).toContainEqual(['4 Tarn Lane\nHarbour', '4711']);
		await decide({ to: 'approved' });
		await decide({ to: 'ordered', order: { supplier: 'X', number: '1', cost: '', currency: 'EUR' } });
		expect(await ownRequests(db(), open)).toMatchObject({ deliverTo: '4 Tarn Lane\nHarbour' });
		await decide({ to: 'arrived' });
		const left = await db()
			.select({ deliverTo: equipmentRequests.deliverTo })
			.from(equipmentRequests)
			.where(eq(equipmentRequests.state, 'arrived'));
		expect(left).toEqual([{ deliverTo: '' }]);
	});
});

describe('teams', () => {
	it('take their people, drafts of rounds and saved filters along, and go only when nobody is left', async () => {
		const [one, other] = [await desk.person(), await desk.person()];
		await db().update(people).set({ team: 'Harbour' }).where(eq(people.id, one));
		await db().update(people).set({ team: 'Tarn' }).where(eq(people.id, other));
		const [draft] = await db()
			.insert(rounds)
			.values({
				name: 'Autumn',
				filter: { teams: ['Harbour', 'Tarn'], country: '', notAnsweredWithinDays: 0 },
				sittingStyle: 'upright',
				checklistVersion: 1,
				subject: 's',
				body: 'b',
				startsOn: '2026-04-01',
				dueOn: '2026-05-01',
				timeZone: 'UTC',
				createdAt: now
			})
			.returning({ id: rounds.id });
		await db()
			.insert(savedFilters)
			.values({ userId: desk.coordinator.id, name: 'H', query: 'team=Harbour&state=all' });
		const rename = (settings: SettingsByArea['teams']) => ({
			teams: settings.teams.map((team) => (team.name === 'Harbour' ? { ...team, name: 'Tarn' } : team))
		});
		const { current } = await settingsPage(db(), desk.coordinator, 'teams', null);
		expect(await previewSettings(db(), desk.coordinator, 'teams', rename(current), now)).toMatchObject({
			concerned: 1,
			people: [{ personId: one, what: 'Tarn' }]
		});
		const without = { teams: current.teams.filter(({ name }) => name !== 'Harbour') };
		expect(
			await faultOf(
				publishSettings(db(), desk.coordinator, { area: 'teams', settings: without, note: '', seen: 0 }, now)
			)
		).toBe('conflict');
		await publish('teams', rename);
		const [moved] = await db().select({ team: people.team }).from(people).where(eq(people.id, one));
		expect(moved?.team).toBe('Tarn');
		const [round] = await db()
			.select()
			.from(rounds)
			.where(eq(rounds.id, draft?.id ?? ''));
		expect(round?.filter.teams).toEqual(['Tarn']);
		const [filter] = await db().select().from(savedFilters);
		expect(filter?.query).toBe('team=Tarn&state=all');
	});
});
