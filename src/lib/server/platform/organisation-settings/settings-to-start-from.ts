import { isNull, ne, and } from 'drizzle-orm';
import { teamsWith } from '../../../core/platform/organisation-settings/teams';
import type { SettingsArea, SettingsByArea } from '../../../core/platform/organisation-settings/areas';
import { schema, type Db } from '../db/client';
import { readSettings } from './read-settings';

const { people } = schema;

/** The teams that people are in. Cost: one pass over the people, by people_team_idx where there is one. */
async function teamsInUse(db: Db): Promise<string[]> {
	const rows = await db
		.selectDistinct({ team: people.team })
		.from(people)
		.where(and(isNull(people.leftAt), ne(people.team, '')));
	return rows.map(({ team }) => team);
}

/** The settings that apply, with what is so without having been published: teams that people are in. */
export async function settingsToStartFrom<A extends SettingsArea>(
	db: Db,
	area: A
): Promise<SettingsByArea[A]> {
	const { settings } = await readSettings(db, area);
	if (area !== 'teams') return settings;
	return teamsWith(settings as SettingsByArea['teams'], await teamsInUse(db)) as SettingsByArea[A];
}
