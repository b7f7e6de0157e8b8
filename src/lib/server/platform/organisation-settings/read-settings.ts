import { sql } from 'drizzle-orm';
import type { SettingsArea, SettingsByArea } from '../../../core/platform/organisation-settings/areas';
import {
	completeAreaSettings,
	originalSettings
} from '../../../core/platform/organisation-settings/settings-document';
import type { Db } from '../db/client';
import type { PublishedSubject } from '../versions/published-subject';
import { newestAsColumn, newestVersion, versionAt } from '../versions/read-versions';

/** An area's settings as they are published. */
export const settingsSubject = <A extends SettingsArea>(area: A): PublishedSubject<SettingsByArea[A]> => ({
	key: `settings:${area}`,
	base: 0,
	published: 'settings-published',
	discarded: null,
	detail: { area },
	conflict: 'policyChanged',
	read: (content) =>
		content === null ? originalSettings(area) : completeAreaSettings(area, content as SettingsByArea[A])
});

/** Settings with their version; 0 for those that the software comes with. */
interface VersionedSettings<A extends SettingsArea> {
	readonly version: number;
	readonly settings: SettingsByArea[A];
}

/** The newest settings of an area. One key look-up. */
export async function readSettings<A extends SettingsArea>(db: Db, area: A): Promise<VersionedSettings<A>> {
	const { version, content } = await newestVersion(db, settingsSubject(area));
	return { version, settings: content };
}

/** Settings of a version; undefined where there is no such version. One key look-up. */
export const settingsAt = async <A extends SettingsArea>(
	db: Db,
	area: A,
	version: number
): Promise<SettingsByArea[A] | undefined> =>
	version === 0 ? originalSettings(area) : versionAt(db, settingsSubject(area), version);

/** The organisation's days off as part of a statement, read once for each; null where there are none. */
export const daysOffColumn = sql<
	SettingsByArea['days-off'] | null
>`(${newestAsColumn(settingsSubject('days-off'))} -> 'content')`;
