import type { CivilDate } from '../calendar/civil-date';

/** Why settings can't be published, and where, as a JSON Pointer. */
export interface SettingsFault {
	readonly code: (typeof SETTINGS_FAULTS)[number];
	readonly at: string;
	/** The entry at fault, in its own words. */
	readonly name: string;
}

/** Kinds of {@link SettingsFault}. */
const SETTINGS_FAULTS = [
	'settingsDefaultKept',
	'settingsSameDay',
	'settingsNoSuchDay',
	'settingsNoName',
	'settingsUnnamed',
	'settingsSameName',
	'settingsNoPlace',
	'settingsNoLaw',
	'settingsTooManyDaysOff'
] as const;

/** How an entry differs between two versions. */
const SETTINGS_CHANGES = ['added', 'removed', 'changed'] as const;

/** An entry that differs between two versions. */
export interface SettingsChange {
	readonly how: (typeof SETTINGS_CHANGES)[number];
	/** The entry's code or, where people named it, its name. */
	readonly name: string;
	/** The day it is about; left out where it is about none. */
	readonly on?: CivilDate;
}
