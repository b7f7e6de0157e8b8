import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../../seed/random';
import { THING_CHOICES } from '../../questionnaire/answers/household-things';
import { BREAK_SCHEDULES, DEFAULT_BREAK_SCHEDULE } from '../../breaks/break-schedules';
import { addDays, type CivilDate } from '../calendar/civil-date';
import { isWorkingDay } from '../calendar/working-days';
import { workCalendarOfPlace } from '../calendar/public-holidays';
import { FINDING_IDS } from '../../questionnaire/checklist/findings';
import { SITTING_STYLES } from '../../workstation/corner/vocabulary';
import { BOARD_COLUMNS } from '../../plan/equipment/board-columns';
import { findingsHelpedBy, isShippedItem, REQUESTABLE_ITEMS } from '../../plan/equipment';
import { sameDocument } from '../same-document';
import { settingsChangesOf } from './area-changes';
import { SETTINGS_AREAS, type SettingsArea, type SettingsByArea } from './areas';
import { withDaysOff } from './days-off';
import type { CatalogueItem } from './equipment-catalogue';
import { eyeTestFor } from './eye-tests';
import { householdOffer, ownThingCode, thingToAdd } from './household-items';
import {
	completeAreaSettings,
	originalSettings,
	settingsFaults,
	settingsFormat,
	validateSettings,
	validateSettingsFile
} from './settings-document';
import { teamRenames, teamsWith } from './teams';

const LANGUAGES = ['en', 'de', 'es', 'fr'];
const COUNTRIES = ['', 'DE', 'AT', 'GB', 'US'];
const WORDS = ['Tarn', 'Weir', 'Harbour', 'Box', 'Lamp', ''];
const ROUNDS = 200;

const some = <T>(dice: Dice, all: readonly T[], p = 0.7): T[] => all.filter(() => dice.chance(p));

const many = <T>(dice: Dice, most: number, make: (i: number) => T): T[] =>
	Array.from({ length: dice.int(0, most) }, (_, i) => make(i));

/** A text as it is typed: now and then with blanks at its ends, or nothing but blanks. */
const typed = (dice: Dice, text: string) => (dice.chance(0.2) ? `  ${text}\t` : text);

const names = (dice: Dice) =>
	Object.fromEntries(some(dice, LANGUAGES, 0.8).map((one) => [one, typed(dice, dice.pick(WORDS))]));

const size = (dice: Dice) => [dice.int(30, 600), dice.int(30, 600), dice.int(10, 300)] as const;

const item = (dice: Dice, code: CatalogueItem['code']): CatalogueItem => ({
	code,
	isOffered: dice.chance(0.8),
	names: isShippedItem(code) ? {} : names(dice),
	helps: isShippedItem(code) ? [] : some(dice, FINDING_IDS, 0.1),
	cents: dice.chance(0.5) ? dice.int(0, 90_000) : null,
	supplier: typed(dice, dice.pick(WORDS)),
	article: '',
	deliveryDays: dice.chance(0.5) ? dice.int(0, 30) : null
});

/** Settings as people may leave a form: often with faults, always with the types that the form can give. */
const RANDOM: { readonly [A in SettingsArea]: (dice: Dice) => SettingsByArea[A] } = {
	choices: (dice) => ({
		sittingStyles: some(dice, SITTING_STYLES),
		breakSchedules: some(dice, BREAK_SCHEDULES)
	}),
	'days-off': (dice) => ({
		days: many(dice, 12, () => ({
			date: addDays('2026-02-20' as CivilDate, dice.int(0, 30)),
			name: typed(dice, dice.pick(WORDS)),
			country: dice.pick(COUNTRIES),
			region: dice.pick(['', '', '', 'BE', 'BY']),
			isWorked: dice.chance(0.3)
		}))
	}),
	'household-items': (dice) => ({
		kinds: some(dice, THING_CHOICES).map((one) => (dice.chance(0.3) ? { ...one, size: size(dice) } : one)),
		own: many(dice, 3, () => ({
			id: dice.int(1, 4),
			kind: dice.pick(THING_CHOICES).kind,
			size: size(dice),
			names: names(dice)
		}))
	}),
	equipment: (dice) => ({
		currency: dice.pick(['EUR', 'GBP'] as const),
		items: [
			...some(dice, REQUESTABLE_ITEMS, 0.98).map((code) => item(dice, code)),
			...many(dice, 3, () => item(dice, `item-${dice.int(1, 4)}`))
		]
	}),
	'purchasing-file': (dice) => ({
		columns: many(dice, 8, () => ({
			content: dice.pick([...BOARD_COLUMNS, 'fixed'] as const),
			heading: typed(dice, `${dice.pick(WORDS)}${dice.int(0, 9)}`),
			value: typed(dice, dice.pick(WORDS))
		}))
	}),
	'eye-tests': (dice) => ({
		entitlements: many(dice, 4, () => ({
			country: dice.pick(COUNTRIES),
			law: typed(dice, dice.pick(WORDS)),
			everyMonths: dice.chance(0.5) ? dice.int(1, 120) : null,
			howTo: names(dice)
		}))
	}),
	teams: (dice) => ({
		teams: many(dice, 6, () => ({ id: dice.int(1, 8), name: typed(dice, dice.pick(WORDS)) }))
	})
};

/** Every text in a document. */
function textsOf(value: unknown): string[] {
	if (typeof value === 'string') return [value];
	return typeof value === 'object' && value !== null ? Object.values(value).flatMap(textsOf) : [];
}

/** The value in a document that a JSON Pointer names; undefined where it names nothing. */
function valueAt(document: unknown, pointer: string): unknown {
	let value = document;
	for (const name of pointer.split('/').slice(1))
		value = (value as Readonly<Record<string, unknown>> | undefined)?.[name];
	return value;
}

describe.each(SETTINGS_AREAS)(`${ROUNDS} random settings: %s`, (area) => {
	const made = Array.from({ length: ROUNDS }, (_, seed) => RANDOM[area](new Dice(seed + 1)));
	const usable = made.flatMap((one) => {
		const checked = validateSettings(area, one);
		return checked.ok && settingsFaults(area, checked.value, LANGUAGES).length === 0 ? [checked.value] : [];
	});

	it('have no blanks at the ends of any text once they are in, and are the same when they come again', () => {
		let accepted = 0;
		for (const [i, one] of made.entries()) {
			const checked = validateSettings(area, one);
			if (!checked.ok) continue;
			accepted += 1;
			for (const text of textsOf(checked.value)) expect(text).toBe(text.trim());
			expect(validateSettings(area, checked.value)).toEqual(checked);
			if (i % 10 > 0) continue;
			const file = { format: settingsFormat(area), settings: one };
			expect(validateSettingsFile(area, file)).toMatchObject({
				ok: true,
				value: { settings: checked.value }
			});
		}
		expect(accepted).toBeGreaterThan(ROUNDS / 4);
	});

	it('say of each fault where it stands, by a place that the settings have', () => {
		const codes = new Set<string>();
		for (const one of made)
			for (const { code, at } of settingsFaults(area, one, LANGUAGES)) {
				codes.add(code);
				expect(valueAt(one, at), `${code} at ${at}`).toBeDefined();
			}
		expect(codes.size).toBeGreaterThan(0);
	});

	it('differ exactly where something is listed as added, changed or removed, and back again the other way', () => {
		expect(usable.length).toBeGreaterThan(1);
		const pairs = usable.map((one, i) => [one, usable[(i * 7 + 1) % usable.length] ?? one] as const);
		for (const [before, after] of pairs) {
			const there = settingsChangesOf(area, before, after, 'en');
			const back = settingsChangesOf(area, after, before, 'en');
			expect(settingsChangesOf(area, before, before, 'en')).toEqual([]);
			const count = (list: typeof there, how: string) => list.filter((one) => one.how === how).length;
			expect(count(there, 'added')).toBe(count(back, 'removed'));
			expect(count(there, 'removed')).toBe(count(back, 'added'));
			expect(count(there, 'changed')).toBe(count(back, 'changed'));
			if (sameDocument(before, after)) expect(there).toEqual([]);
			// Where nothing is listed, at most the order differs.
			if (there.length === 0) expect(textsOf(after).sort()).toEqual(textsOf(before).sort());
		}
	});

	it('are complete by what the software comes with, without touching what was published', () => {
		for (const one of usable) expect(completeAreaSettings(area, one)).toEqual(one);
		const original = originalSettings(area);
		expect(completeAreaSettings(area, original)).toEqual(original);
	});
});

/** The random settings of an area that can be published. */
function published<A extends SettingsArea>(area: A): SettingsByArea[A][] {
	return Array.from({ length: ROUNDS }, (_, seed) =>
		validateSettings(area, RANDOM[area](new Dice(seed + 1)))
	).flatMap((checked) =>
		checked.ok && settingsFaults(area, checked.value, LANGUAGES).length === 0 ? [checked.value] : []
	);
}

describe('whatever is published', () => {
	it('leaves everybody a sitting style, and the break schedule of whoever chose none', () => {
		for (const { sittingStyles, breakSchedules } of published('choices')) {
			expect(sittingStyles.length).toBeGreaterThan(0);
			expect(breakSchedules).toContain(DEFAULT_BREAK_SCHEDULE);
		}
	});

	it('makes a day free or worked as its narrowest entry says, and leaves every other day alone', () => {
		const places = [
			{ country: 'DE', region: 'BE' },
			{ country: 'DE', region: 'BY' },
			{ country: 'AT', region: null },
			{ country: null, region: null }
		];
		for (const { days } of published('days-off'))
			for (const place of places) {
				const calendar = workCalendarOfPlace(place);
				const own = withDaysOff(calendar, { days }, place);
				for (let n = -2; n < 34; n += 1) {
					const date = addDays('2026-02-20' as CivilDate, n);
					// From the widest to the narrowest, the last that is of this place.
					const [entry] = [
						days.find(
							(day) => day.date === date && day.country === place.country && day.region === place.region
						),
						days.find((day) => day.date === date && day.country === place.country && day.region === ''),
						days.find((day) => day.date === date && day.country === '')
					].filter((day) => day !== undefined);
					expect(isWorkingDay(date, own)).toBe(entry ? entry.isWorked : isWorkingDay(date, calendar));
				}
			}
	});

	it('names every household item in every language, and each button adds the item that it names', () => {
		for (const settings of published('household-items'))
			for (const language of LANGUAGES) {
				const offer = householdOffer(settings, language);
				for (const { id, name, kind, size: sides } of offer.own) {
					expect(name).not.toBe('');
					expect(thingToAdd(ownThingCode(id), offer, (one) => one)).toEqual({
						kind,
						size: sides,
						label: name,
						isOwn: true
					});
				}
				for (const { kind } of THING_CHOICES)
					expect(thingToAdd(kind, offer, (one) => one) !== null).toBe(
						settings.kinds.some((one) => one.kind === kind)
					);
			}
	});

	it('keeps each added item with the problems that it helps with', () => {
		for (const { items } of published('equipment')) {
			const helps = Object.fromEntries(items.map((one) => [one.code, one.helps]));
			for (const one of items.filter(({ code }) => !isShippedItem(code)))
				expect(findingsHelpedBy(one.code, FINDING_IDS, helps)).toEqual(
					FINDING_IDS.filter((finding) => one.helps.includes(finding))
				);
		}
	});

	it('gives a person the entitlement of their country, else the one for all others', () => {
		for (const settings of published('eye-tests'))
			for (const country of COUNTRIES) {
				const found = eyeTestFor(settings, country);
				const ofCountry = settings.entitlements.filter((one) => one.country === country);
				const ofOthers = settings.entitlements.filter((one) => one.country === '');
				expect(found).toEqual([...ofCountry, ...ofOthers][0] ?? null);
			}
	});

	it('has each person in a team that is there, under the number that their team had', () => {
		for (let seed = 0; seed < ROUNDS; seed += 1) {
			const dice = new Dice(seed);
			const inUse = Array.from({ length: 12 }, () => dice.pick(['Tarn', 'Weir', 'Harbour', 'Kiln', '']));
			const before = teamsWith({ teams: [] }, inUse);
			const named = dice.int(1, 3);
			// Renamed, swapped and merged at random.
			const after = {
				teams: before.teams.map((team) =>
					dice.chance(0.5) ? { ...team, name: dice.pick(['Tarn', 'Weir', 'Port', `New ${named}`]) } : team
				)
			};
			const renames = new Map(teamRenames(before, after).map(({ from, to }) => [from, to]));
			const moved = inUse.map((name) => renames.get(name) ?? name);
			const next = teamsWith(after, moved);
			const idOf = (name: string, { teams }: typeof before) => teams.find((team) => team.name === name)?.id;
			expect(new Set(next.teams.map(({ name }) => name)).size).toBe(next.teams.length);
			for (const [i, name] of moved.entries()) {
				const old = inUse[i] ?? '';
				// Who was in no team still isn't.
				if (old === '') expect(name).toBe('');
				else expect(next.teams.some((team) => team.name === name)).toBe(true);
				const same = after.teams.filter((team) => team.name === name);
				if (same.length === 1) expect(idOf(name, next)).toBe(idOf(old, before));
			}
		}
	});
});
