import { desc, eq } from 'drizzle-orm';
import { countriesWithHolidays } from '../../../core/platform/calendar/public-holidays';
import type { SettingsArea, SettingsByArea } from '../../../core/platform/organisation-settings/areas';
import { settingsChangesOf } from '../../../core/platform/organisation-settings/area-changes';
import {
	completeAreaSettings,
	originalSettings,
	settingsFaults
} from '../../../core/platform/organisation-settings/settings-document';
import { deskLocale } from '../../../messages/desk-language';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { languagesOfPeople } from '../../people/languages-of-people';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { applySettings } from './apply-settings';
import { settingsToStartFrom } from './settings-to-start-from';
import { readSettings, settingsAt } from './read-settings';

const { organisationSettings, users } = schema;

/** Every published version with what it changed, who published it and why, newest first. Organisations publish a few a year. */
async function versionsOf<A extends SettingsArea>(db: Db, area: A) {
	const rows = await db
		.select({
			version: organisationSettings.version,
			settings: organisationSettings.settings,
			note: organisationSettings.note,
			at: organisationSettings.publishedAt,
			by: users.name
		})
		.from(organisationSettings)
		.leftJoin(users, eq(users.id, organisationSettings.publishedBy))
		.where(eq(organisationSettings.area, area))
		.orderBy(desc(organisationSettings.version));
	const full = (row: (typeof rows)[number] | undefined) =>
		row ? completeAreaSettings(area, row.settings as SettingsByArea[A]) : originalSettings(area);
	return rows.map(({ settings: _settings, ...row }, i) => ({
		...row,
		changes: settingsChangesOf(area, full(rows[i + 1]), full(rows[i]), deskLocale())
	}));
}

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
		versions: await versionsOf(db, area),
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
	const version = seen + 1;
	const before = await settingsToStartFrom(tx, area);
	const made = await tx
		.insert(organisationSettings)
		.values({
			area,
			version,
			settings,
			note: note.trim(),
			publishedAt: now,
			publishedBy: actor.kind === 'user' ? actor.id : null
		})
		// A colleague was quicker by a moment.
		.onConflictDoNothing()
		.returning({ version: organisationSettings.version });
	if (made.length === 0) throw new DomainError('conflict', 'policyChanged');
	await applySettings(tx, actor, area, before, settings, now);
	await writeAuditLine(tx, actor, { at: now, act: 'settings-published', detail: { area, version } });
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
