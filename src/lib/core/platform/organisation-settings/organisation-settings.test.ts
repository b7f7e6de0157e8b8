import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../../seed/random';
import { THING_CHOICES } from '../../questionnaire/answers/household-things';
import { addDays, type CivilDate } from '../calendar/civil-date';
import { addWorkingDays, isWorkingDay } from '../calendar/working-days';
import { workCalendarOfPlace } from '../calendar/public-holidays';
import {
	canBeLent,
	EYE_TEST,
	requestMoves,
	REQUESTABLE_ITEMS,
	type RequestState
} from '../../plan/equipment';
import { SETTINGS_AREAS, type SettingsArea, type SettingsByArea } from './areas';
import { settingsChangesOf } from './area-changes';
import { withDaysOff, type DayOff } from './days-off';
import { completeCatalogue } from './equipment-catalogue';
import { eyeTestFor } from './eye-tests';
import { householdOffer, thingToAdd } from './household-items';
import { ALL_OFFERED } from './offered';
import {
	originalSettings,
	settingsFaults,
	validateSettings,
	validateSettingsFile
} from './settings-document';
import { teamRenames, teamsWith } from './teams';

const day = (date: string, part: Partial<DayOff> = {}): DayOff => ({
	date: date as CivilDate,
	name: 'Company day',
	country: '',
	region: '',
	isWorked: false,
	...part
});

const codesOf = <A extends SettingsArea>(area: A, settings: SettingsByArea[A]) =>
	settingsFaults(area, settings, ['en']).map(({ code, at }) => `${code} ${at}`);

describe('settings of every area', () => {
	it.each(SETTINGS_AREAS)('are usable as the software comes, and the same out and in: %s', (area) => {
		const original = originalSettings(area);
		expect(settingsFaults(area, original, ['en', 'de'])).toEqual([]);
		expect(validateSettings(area, original)).toEqual({ ok: true, value: original });
		const file: unknown = JSON.parse(JSON.stringify({ format: `easy-corner.${area}/1`, settings: original }));
		expect(validateSettingsFile(area, file)).toMatchObject({ ok: true, value: { settings: original } });
		expect(settingsChangesOf(area, original, original, 'en')).toEqual([]);
		// Another area's file is no file of this one.
		const other = SETTINGS_AREAS.find((one) => one !== area) ?? area;
		expect(validateSettingsFile(other, file).ok).toBe(false);
	});
});

describe('what can be chosen', () => {
	it('always has the break schedule of whoever chose none, and at least one sitting style', () => {
		expect(codesOf('choices', { ...ALL_OFFERED, breakSchedules: ['hour'] })).toEqual([
			'settingsDefaultKept /breakSchedules'
		]);
		expect(validateSettings('choices', { ...ALL_OFFERED, sittingStyles: [] }).ok).toBe(false);
		expect(validateSettings('choices', { ...ALL_OFFERED, sittingStyles: ['lying'] }).ok).toBe(false);
		const fewer = { ...ALL_OFFERED, sittingStyles: ['upright'] as const };
		expect(settingsChangesOf('choices', ALL_OFFERED, fewer, 'en').map(({ how }) => how)).toEqual([
			'removed',
			'removed',
			'removed'
		]);
	});
});

describe('days off', () => {
	const german = { country: 'DE', region: 'BE' };
	const calendar = workCalendarOfPlace(german);

	it('take a day from everybody, from a country or from a region, and the narrowest counts', () => {
		// 4 March 2026 is a Wednesday and no holiday anywhere in Germany.
		const date = '2026-03-04' as CivilDate;
		const off = (...days: DayOff[]) => !isWorkingDay(date, withDaysOff(calendar, { days }, german));
		expect(off()).toBe(false);
		expect(off(day(date))).toBe(true);
		expect(off(day(date, { country: 'DE', region: 'BY' }))).toBe(false);
		expect(off(day(date, { country: 'AT' }))).toBe(false);
		expect(off(day(date), day(date, { country: 'DE', region: 'BE', isWorked: true }))).toBe(false);
		expect(off(day(date, { country: 'DE', isWorked: true }), day(date))).toBe(false);
	});

	it('give back a public holiday and a day of the weekend on which people work', () => {
		const worked = (date: string) =>
			isWorkingDay(
				date as CivilDate,
				withDaysOff(calendar, { days: [day(date, { isWorked: true })] }, german)
			);
		// 1 May is a public holiday in Germany; 7 March 2026 is a Saturday.
		expect(isWorkingDay('2026-05-01' as CivilDate, calendar)).toBe(false);
		expect(worked('2026-05-01')).toBe(true);
		expect(isWorkingDay('2026-03-07' as CivilDate, calendar)).toBe(false);
		expect(worked('2026-03-07')).toBe(true);
	});

	it('move a deadline by as many working days as they take, for 300 random lists', () => {
		const dice = new Dice(31);
		for (let round = 0; round < 300; round += 1) {
			const start = addDays('2026-01-01' as CivilDate, dice.int(0, 600));
			const days = [
				...new Set(Array.from({ length: dice.int(0, 12) }, () => addDays(start, dice.int(0, 40))))
			].map((date) => day(date));
			const own = withDaysOff(calendar, { days }, german);
			const n = dice.int(0, 15);
			const due = addWorkingDays(start, n, own);
			// Counted by hand: every working day after the start that is no day off.
			let counted = 0;
			let at = start;
			const isFree = (date: CivilDate) =>
				days.some((one) => one.date === date) || !isWorkingDay(date, calendar);
			while (n === 0 ? isFree(at) : counted < n) {
				at = addDays(at, 1);
				if (!isFree(at)) counted += 1;
			}
			expect(due).toBe(at);
		}
	});

	it('are refused where one is unreadable, listed twice, nameless, without its country, or leaves no day to act', () => {
		expect(codesOf('days-off', { days: [day('2026-02-30')] })).toEqual(['settingsNoSuchDay /days/0/date']);
		expect(codesOf('days-off', { days: [day('2026-03-04', { name: ' ' })] })).toEqual([
			'settingsUnnamed /days/0/name'
		]);
		expect(codesOf('days-off', { days: [day('2026-03-04', { region: 'BE' })] })).toEqual([
			'settingsNoPlace /days/0/region'
		]);
		expect(codesOf('days-off', { days: [day('2026-03-04'), day('2026-03-04')] })).toEqual([
			'settingsSameDay /days/1/date'
		]);
		const row = (n: number) => ({
			days: Array.from({ length: n }, (_, i) => day(addDays('2026-07-01' as CivilDate, i)))
		});
		expect(codesOf('days-off', row(30))).toEqual([]);
		expect(codesOf('days-off', row(31))).toEqual(['settingsTooManyDaysOff /days']);
	});
});

describe('household items', () => {
	const box = { id: 1, kind: 'sturdy-box', size: [360, 280, 95], names: { en: 'Laptop box' } } as const;
	const settings = { kinds: THING_CHOICES.slice(0, 3), own: [box] };

	it('are added with the organisation’s sizes, and under its names', () => {
		const offer = householdOffer(settings, 'de');
		const add = (code: string) => thingToAdd(code, offer, (kind) => kind);
		// Without a German name, the first there is.
		expect(add('own-1')).toEqual({
			kind: 'sturdy-box',
			size: [360, 280, 95],
			label: 'Laptop box',
			isOwn: true
		});
		expect(add(THING_CHOICES[0]!.kind)).toMatchObject({ label: THING_CHOICES[0]!.kind });
		expect(add(THING_CHOICES[5]!.kind)).toBeNull();
		expect(add('own-2')).toBeNull();
	});

	it('need a name in every language that people read, and one each', () => {
		expect(codesOf('household-items', settings)).toEqual([]);
		expect(settingsFaults('household-items', settings, ['en', 'fr'])).toMatchObject([
			{ code: 'settingsNoName', name: 'Laptop box' }
		]);
		expect(codesOf('household-items', { ...settings, own: [box, { ...box, id: 2 }] })).toEqual([
			'settingsSameName /own/1/names'
		]);
		expect(validateSettings('household-items', { ...settings, kinds: [] }).ok).toBe(false);
		expect(
			validateSettings('household-items', { ...settings, own: [{ ...box, size: [0, 280, 95] }] }).ok
		).toBe(false);
	});
});

describe('the equipment catalogue', () => {
	const original = originalSettings('equipment');
	const light = { ...original.items[0]!, code: 'item-1', names: { en: 'Clip-on light' } } as const;

	it('keeps every item that the software comes with, and adds what a newer version brings', () => {
		const fewer = { ...original, items: original.items.slice(1) };
		expect(codesOf('equipment', fewer)).toEqual(['settingsDefaultKept /items']);
		expect(
			completeCatalogue(fewer)
				.items.map(({ code }) => code)
				.sort()
		).toEqual([...REQUESTABLE_ITEMS].sort());
	});

	it('takes items of one’s own with a name in every language, once each', () => {
		expect(codesOf('equipment', { ...original, items: [...original.items, light] })).toEqual([]);
		expect(codesOf('equipment', { ...original, items: [...original.items, light, light] })).toEqual([
			'settingsSameName /items/14'
		]);
		const nameless = { ...light, names: { de: 'Leuchte' } };
		expect(codesOf('equipment', { ...original, items: [...original.items, nameless] })).toEqual([
			'settingsNoName /items/13/names'
		]);
		const unknown = { ...light, helps: ['no-such-problem'] };
		expect(validateSettings('equipment', { ...original, items: [...original.items, unknown] }).ok).toBe(
			false
		);
	});
});

describe('eye tests', () => {
	const own = { country: '', law: 'Our own rule', everyMonths: 24, howTo: { en: 'Ask at the desk' } };
	const { entitlements } = originalSettings('eye-tests');

	it('are an entitlement in the European Union by Directive 90/270/EEC, Article 9, and by an entry elsewhere', () => {
		expect(eyeTestFor({ entitlements }, 'DE')?.law).toContain('90/270/EEC, Article 9');
		expect(eyeTestFor({ entitlements }, 'US')).toBeNull();
		expect(eyeTestFor({ entitlements: [...entitlements, own] }, 'US')).toEqual(own);
		// A country's own entry comes before the one for all others.
		expect(eyeTestFor({ entitlements: [own, ...entitlements] }, 'DE')?.law).toContain('90/270/EEC');
		// A person without a country has what everybody has.
		expect(eyeTestFor({ entitlements }, '')).toBeNull();
	});

	it('name what gives them, once for each country', () => {
		expect(codesOf('eye-tests', { entitlements: [{ ...own, law: ' ' }] })).toEqual([
			'settingsNoLaw /entitlements/0/law'
		]);
		expect(codesOf('eye-tests', { entitlements: [own, own] })).toEqual([
			'settingsSameName /entitlements/1/country'
		]);
		expect(validateSettings('eye-tests', { entitlements: [{ ...own, everyMonths: 0 }] }).ok).toBe(false);
	});

	it('are asked for, approved and done, and neither ordered nor lent', () => {
		const reached = new Set<RequestState>(['asked']);
		for (const state of reached) for (const to of requestMoves(EYE_TEST, state)) reached.add(to);
		expect([...reached].sort()).toEqual(['approved', 'arrived', 'asked', 'declined']);
		expect(canBeLent(EYE_TEST, 'approved')).toBe(false);
		expect(canBeLent('monitor', 'approved')).toBe(true);
	});
});

describe('teams', () => {
	it('are those named and those that people are in, and keep their number under another name', () => {
		const named = teamsWith({ teams: [{ id: 4, name: 'Harbour' }] }, ['Tarn', 'Harbour', '']);
		expect(named.teams).toEqual([
			{ id: 4, name: 'Harbour' },
			{ id: 5, name: 'Tarn' }
		]);
		const after = {
			teams: [
				{ id: 4, name: 'Port' },
				{ id: 5, name: ' Tarn ' }
			]
		};
		// Blanks at the end of a name are no other name.
		const checked = validateSettings('teams', after);
		expect(checked.ok && teamRenames(named, checked.value)).toEqual([{ from: 'Harbour', to: 'Port' }]);
		// Merged: published once, they are one from the next time on.
		const merged = { teams: named.teams.map((team) => ({ ...team, name: 'Tarn' })) };
		expect(codesOf('teams', merged)).toEqual([]);
		expect(teamsWith(merged, ['Tarn']).teams).toEqual([{ id: 4, name: 'Tarn' }]);
		expect(codesOf('teams', { teams: [{ id: 1, name: '' }] })).toEqual(['settingsUnnamed /teams/0/name']);
	});
});
