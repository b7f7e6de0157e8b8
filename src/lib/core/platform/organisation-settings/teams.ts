import type { SettingsChange, SettingsFault } from './settings-change';
import { entryChanges } from './entry-changes';

/** A team that people can be in. */
interface Team {
	/** Given once: a team keeps it under another name. */
	readonly id: number;
	readonly name: string;
}

/** The organisation's teams. */
export interface TeamSettings {
	readonly teams: readonly Team[];
}

/** Longest name of a team, characters. */
export const TEAM_NAME_LENGTH = 80;

/** Most teams. Our assumption. */
export const MAX_TEAMS = 2000;

/** No team is named; those that people are in are teams too. */
export const NO_TEAMS: TeamSettings = { teams: [] };

/** Every fault: a team without a name, or two with one number. Two with one name become one team. */
export function teamFaults({ teams }: TeamSettings): SettingsFault[] {
	const ids = new Set<number>();
	return teams.flatMap(({ id, name }, i): SettingsFault[] => {
		const isKnown = ids.has(id);
		ids.add(id);
		if (name.trim() === '') return [{ code: 'settingsUnnamed', at: `/teams/${i}/name`, name: String(i + 1) }];
		return isKnown ? [{ code: 'settingsSameName', at: `/teams/${i}`, name }] : [];
	});
}

/** Teams that another version adds, renames and takes away. */
export const teamChanges = (before: TeamSettings, after: TeamSettings): SettingsChange[] =>
	entryChanges(
		before.teams,
		after.teams,
		({ id }) => String(id),
		({ name }) => name
	);

/** A team under another name. */
export interface TeamRename {
	readonly from: string;
	readonly to: string;
}

/** Names under which people's teams are written from now on. */
export function teamRenames(before: TeamSettings, after: TeamSettings): TeamRename[] {
	const names = new Map(before.teams.map(({ id, name }) => [id, name]));
	return after.teams.flatMap(({ id, name }) => {
		const from = names.get(id);
		return from !== undefined && from !== name ? [{ from, to: name }] : [];
	});
}

/**
 * The named teams with those that people are in besides, in the order of their names; each has one number. Two of one name are one.
 */
export function teamsWith({ teams }: TeamSettings, inUse: readonly string[]): TeamSettings {
	const named = teams.filter((team, i) => teams.findIndex(({ name }) => name === team.name) === i);
	const highest = Math.max(0, ...teams.map(({ id }) => id));
	const more = [...new Set(inUse)].filter((name) => name !== '' && !named.some((team) => team.name === name));
	const all = [...named, ...more.map((name, i) => ({ id: highest + i + 1, name }))];
	return { teams: all.sort((a, b) => a.name.localeCompare(b.name, 'en')) };
}
