import { countriesWithHolidays } from '../../../core/platform/calendar/public-holidays';
import type { SettingsArea, SettingsByArea } from '../../../core/platform/organisation-settings/areas';
import { settingsChangesOf } from '../../../core/platform/organisation-settings/area-changes';
import { settingsFaults } from '../../../core/platform/organisation-settings/settings-document';
import { deskLocale } from '../../../messages/desk-language';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { languagesOfPeople } from '../../people/languages-of-people';
import type { Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { applySettings } from './apply-settings';
import { settingsToStartFrom } from './settings-to-start-from';
import { publishVersion } from '../versions/publish-version';
import { versionList } from '../versions/read-versions';
import { readSettings, settingsAt, settingsSubject } from './read-settings';

/**
 * The settings of an area that apply, those to start from, every version so far, and the languages that people read.
 * @param from a version whose settings the form starts with; null for those that apply
 * @throws DomainError where there is no such version
 */
export async function settingsPage<A extends SettingsArea>(
	db: Db,
	actor: Actor,
	area: A,
	from: number | null
) {
	requirePermission(actor, 'settings:change');
	const { version } = await readSettings(db, area);
	const current = await settingsToStartFrom(db, area);
	const chosen = from === null ? current : await settingsAt(db, area, from);
	if (!chosen) throw new DomainError('not-found', 'noPolicyVersion');
	return {
		area,
		version,
		from,
		current,
		start: chosen,
		versions: await versionList(db, settingsSubject(area), (before, after) =>
			settingsChangesOf(area, before, after, deskLocale())
		),
		languages: await languagesOfPeople(db),
		/** Codes of the countries that an entry can be for. */
		countries: area === 'days-off' || area === 'eye-tests' ? countriesWithHolidays() : []
	};
}

/** @throws DomainError naming the first entry that can't be published, and why */
export async function requireUsableSettings<A extends SettingsArea>(
	db: Db,
	area: A,
	settings: SettingsByArea[A]
): Promise<void> {
	const [fault] = settingsFaults(area, settings, await languagesOfPeople(db));
	if (!fault) return;
	const { code, name, at } = fault;
	throw code === 'settingsDefaultKept'
		? new DomainError('invalid', code, at)
		: new DomainError('invalid', { code, facts: { name } }, at);
}

/** Stores a version and carries out what follows from it, within the caller's transaction. */
export async function storeSettings<A extends SettingsArea>(
	tx: Db,
	actor: Actor,
	{ area, settings, note, seen }: SettingsToPublish<A>,
	now: Date
): Promise<number> {
	const before = await settingsToStartFrom(tx, area);
	const version = await publishVersion(
		tx,
		actor,
		settingsSubject(area),
		{ content: settings, note, seen },
		now
	);
	await applySettings(tx, actor, area, before, settings, now);
	return version;
}

/** Settings as a page sends them. */
export interface SettingsToPublish<A extends SettingsArea> {
	readonly area: A;
	readonly settings: SettingsByArea[A];
	readonly note: string;
	/** The version that the page showed as the newest. */
	readonly seen: number;
}

/**
 * Publishes settings of an area: they apply from now on.
 * @returns the new version
 * @throws DomainError where an entry can't be used, nothing is different, or a colleague has published since
 */
export async function publishSettings<A extends SettingsArea>(
	db: Db,
	actor: Actor,
	input: SettingsToPublish<A>,
	now: Date
): Promise<number> {
	requirePermission(actor, 'settings:change');
	const { area, settings, seen } = input;
	await requireUsableSettings(db, area, settings);
	return inTransaction(db, async (tx) => {
		const { version } = await readSettings(tx, area);
		if (version !== seen) throw new DomainError('conflict', 'policyChanged');
		const before = await settingsToStartFrom(tx, area);
		if (settingsChangesOf(area, before, settings, deskLocale()).length === 0)
			throw new DomainError('invalid', 'policySame');
		return storeSettings(tx, actor, input, now);
	});
}
