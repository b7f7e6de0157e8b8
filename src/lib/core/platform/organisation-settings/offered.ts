import { BREAK_SCHEDULES, DEFAULT_BREAK_SCHEDULE, type BreakSchedule } from '../../breaks/break-schedules';
import { SITTING_STYLES, type SittingStyle } from '../../workstation/corner/vocabulary';
import type { SettingsChange, SettingsFault } from './settings-change';
import { entryChanges } from './entry-changes';

/** What can be chosen from now on. A choice that was made stays, also where it is no longer offered. */
export interface OfferedSettings {
	readonly sittingStyles: readonly SittingStyle[];
	readonly breakSchedules: readonly BreakSchedule[];
}

/** Everything is offered. */
export const ALL_OFFERED: OfferedSettings = {
	sittingStyles: SITTING_STYLES,
	breakSchedules: BREAK_SCHEDULES
};

/** The usual break schedule stays: whoever chose none has it. */
export const offeredFaults = ({ breakSchedules }: OfferedSettings): SettingsFault[] =>
	breakSchedules.includes(DEFAULT_BREAK_SCHEDULE)
		? []
		: [{ code: 'settingsDefaultKept', at: '/breakSchedules', name: DEFAULT_BREAK_SCHEDULE }];

const itself = (one: string) => one;

/** What another version offers, and no longer offers. */
export const offeredChanges = (before: OfferedSettings, after: OfferedSettings): SettingsChange[] => [
	...entryChanges<string>(before.sittingStyles, after.sittingStyles, itself, itself),
	...entryChanges<string>(before.breakSchedules, after.breakSchedules, itself, itself)
];
