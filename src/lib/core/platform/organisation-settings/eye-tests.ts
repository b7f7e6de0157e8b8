import type { SettingsChange, SettingsFault } from './settings-change';
import { entryChanges } from './entry-changes';
import { ownNameIn, type OwnNames } from './own-names';

/** The entitlement to an eye test that people of a country have. */
export interface EyeTestEntitlement {
	/** ISO 3166-1 alpha-2; empty for every country without an entry of its own. */
	readonly country: string;
	/** What gives it: a law, or the organisation itself. */
	readonly law: string;
	/** Months after which it can be had again; null where the law names none. */
	readonly everyMonths: number | null;
	/** How to have it, by language; may be empty. */
	readonly howTo: OwnNames;
}

/** Who can have an eye test. */
export interface EyeTestSettings {
	readonly entitlements: readonly EyeTestEntitlement[];
}

/** Longest text, characters. */
export const EYE_TEST_LENGTHS = { law: 160, howTo: 400 } as const;

/** Most months between two tests. Our assumption. */
export const MAX_EYE_TEST_MONTHS = 120;

/** Members of the European Union. */
const EU = 'AT BE BG CY CZ DE DK EE ES FI FR GR HR HU IE IT LT LU LV MT NL PL PT RO SE SI SK'.split(' ');

/** Council Directive 90/270/EEC, Article 9: at regular intervals, and where eyes are troubled; at no cost to the worker. */
const DIRECTIVE = 'Council Directive 90/270/EEC, Article 9, and the national law that follows it';

/** Great Britain's regulations, from memory: on request, and at regular intervals. */
const GB_LAW = 'Health and Safety (Display Screen Equipment) Regulations 1992, regulation 5';

/** What the software comes with. Local law comes first: each entry can be corrected. */
export const SHIPPED_EYE_TESTS: EyeTestSettings = {
	entitlements: [
		...EU.map((country) => ({ country, law: DIRECTIVE, everyMonths: null, howTo: {} })),
		{ country: 'GB', law: GB_LAW, everyMonths: null, howTo: {} }
	]
};

/** What somebody is entitled to: by their country, else by the entry for every country; null for nothing. */
export const eyeTestFor = ({ entitlements }: EyeTestSettings, country: string): EyeTestEntitlement | null =>
	entitlements.find((one) => one.country !== '' && one.country === country) ??
	entitlements.find((one) => one.country === '') ??
	null;

/** Every fault: an entry that names no law, and a country twice. */
export const eyeTestFaults = ({ entitlements }: EyeTestSettings): SettingsFault[] =>
	entitlements.flatMap(({ country, law }, i): SettingsFault[] => {
		if (law.trim() === '') return [{ code: 'settingsNoLaw', at: `/entitlements/${i}/law`, name: country }];
		return entitlements.findIndex((one) => one.country === country) === i
			? []
			: [{ code: 'settingsSameName', at: `/entitlements/${i}/country`, name: country }];
	});

/** Countries whose entitlement another version adds, changes and takes away. */
export const eyeTestChanges = (before: EyeTestSettings, after: EyeTestSettings): SettingsChange[] =>
	entryChanges(
		before.entitlements,
		after.entitlements,
		({ country }) => country,
		({ country }) => country
	);

/** How to have an eye test, as one language says it. */
export const howToHaveEyeTest = ({ howTo }: EyeTestEntitlement, language: string): string =>
	ownNameIn(howTo, language);
