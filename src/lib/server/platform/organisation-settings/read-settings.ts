import { and, desc, eq, sql, type SQL } from 'drizzle-orm';
import type { SettingsArea, SettingsByArea } from '../../../core/platform/organisation-settings/areas';
import {
	completeAreaSettings,
	originalSettings
} from '../../../core/platform/organisation-settings/settings-document';
import { schema, type Db } from '../db/client';

const { organisationSettings } = schema;

/** Settings with their version; 0 for those that the software comes with. */
interface VersionedSettings<A extends SettingsArea> {
	readonly version: number;
	readonly settings: SettingsByArea[A];
}

/** The newest settings of an area. One key look-up. */
export async function readSettings<A extends SettingsArea>(db: Db, area: A): Promise<VersionedSettings<A>> {
	const [row] = await db
		.select({ version: organisationSettings.version, settings: organisationSettings.settings })
		.from(organisationSettings)
		.where(eq(organisationSettings.area, area))
		.orderBy(desc(organisationSettings.version))
		.limit(1);
	return row
		? { version: row.version, settings: completeAreaSettings(area, row.settings as SettingsByArea[A]) }
		: { version: 0, settings: originalSettings(area) };
}

/** The newest version of an area as part of a statement; 0 where nothing was published. One key look-up. */
export const newestVersion = (area: SettingsArea): SQL<number> =>
	sql<number>`coalesce((select max(s.version) from ${organisationSettings} s where s.area = ${area}), 0)`;

/** Settings of a version; null where there is no such version. One key look-up. */
export async function settingsAt<A extends SettingsArea>(
	db: Db,
	area: A,
	version: number
): Promise<SettingsByArea[A] | null> {
	if (version === 0) return originalSettings(area);
	const [row] = await db
		.select({ settings: organisationSettings.settings })
		.from(organisationSettings)
		.where(and(eq(organisationSettings.area, area), eq(organisationSettings.version, version)));
	return row ? completeAreaSettings(area, row.settings as SettingsByArea[A]) : null;
}

/** The organisation's days off as part of a statement, read once for each; null where there are none. */
export const daysOffColumn = sql<
	SettingsByArea['days-off'] | null
>`(select s.settings from ${organisationSettings} s
	where s.area = 'days-off' order by s.version desc limit 1)`;
