import { and, eq, sql } from 'drizzle-orm';
import { isTimeZone } from '../../../core/platform/calendar/time-zone';
import type { Organisation } from '../../../core/platform/organisation';
import { requirePermission } from '../access/require-permission';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { readOrganisation, type Logo } from './read-organisation';

const { organisation } = schema;

/** Time zones to choose from: those of the system, UTC, and the current one. */
function timeZonesWith(zone: string): string[] {
	return [...new Set(['UTC', zone, ...Intl.supportedValuesOf('timeZone')])].sort();
}

/** The organisation's settings with their version, whether there is a logo, and the time zones to choose from. */
export async function organisationPage(db: Db, actor: Actor) {
	requirePermission(actor, 'settings:change');
	const [row] = await db
		.select({ version: organisation.version, logoWidthPx: organisation.logoWidthPx })
		.from(organisation)
		.where(eq(organisation.id, 1));
	const settings = await readOrganisation(db);
	return {
		organisation: settings,
		version: row?.version ?? 0,
		hasLogo: (row?.logoWidthPx ?? null) !== null,
		timeZones: timeZonesWith(settings.timeZone)
	};
}

/**
 * Sets or removes the logo and leaves everything else unchanged.
 * @throws DomainError where the organisation has no name yet
 */
export async function setLogo(db: Db, actor: Actor, logo: Logo | null, now: Date): Promise<void> {
	requirePermission(actor, 'settings:change');
	await inTransaction(db, async (tx) => {
		const changed = await tx
			.update(organisation)
			.set({
				logo: logo?.png ?? null,
				logoWidthPx: logo?.widthPx ?? null,
				logoHeightPx: logo?.heightPx ?? null
			})
			.returning({ id: organisation.id });
		if (changed.length === 0) throw new DomainError('invalid', 'organisationName', '/name');
		await writeAuditLine(tx, actor, { at: now, act: 'organisation-set' });
	});
}

/** Every field trimmed, and no law where taking part is voluntary. */
function tidied(typed: Organisation): Organisation {
	const entries = Object.entries(typed).map(([field, value]) => [field, (value as string).trim()] as const);
	const trimmed = Object.fromEntries(entries) as unknown as Organisation;
	return trimmed.participation === 'voluntary' ? { ...trimmed, dutyLaw: '' } : trimmed;
}

/** @throws DomainError naming the field that can't be used */
function requireUsable({ name, contactName, genuinePage, replyTo, timeZone }: Organisation): void {
	if (name === '') throw new DomainError('invalid', 'organisationName', '/name');
	if (contactName === '') throw new DomainError('invalid', 'organisationContact', '/contactName');
	const page = URL.canParse(genuinePage) ? new URL(genuinePage) : null;
	if (genuinePage !== '' && page?.protocol !== 'https:')
		throw new DomainError('invalid', 'genuinePage', '/genuinePage');
	if (replyTo !== '' && !/^[^\s@<>"]+@[^\s@<>"]+\.[^\s@<>"]+$/.test(replyTo))
		throw new DomainError('invalid', 'replyToAddress', '/replyTo');
	if (!isTimeZone(timeZone)) throw new DomainError('invalid', 'noTimeZone', '/timeZone');
}

/**
 * Statements count days in this zone, and fail in one that PostgreSQL doesn't know: its list may be older than Node's.
 * @throws DomainError where it doesn't
 */
async function requireKnownZone(tx: Db, timeZone: string): Promise<void> {
	const { rows } = await tx.execute(sql`select from pg_timezone_names where name = ${timeZone}`);
	if (rows.length === 0) throw new DomainError('invalid', 'noTimeZone', '/timeZone');
}

/**
 * Sets the organisation: from now on in every email, privacy text, report and printed letter.
 * @param input with the version that the page showed; 0 the first time
 * @throws DomainError where a field can't be used, or someone else has changed it in the meantime
 */
export async function setOrganisation(
	db: Db,
	actor: Actor,
	input: { readonly organisation: Organisation; readonly version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'settings:change');
	const settings = tidied(input.organisation);
	requireUsable(settings);
	await inTransaction(db, async (tx) => {
		await requireKnownZone(tx, settings.timeZone);
		const row = { ...settings, version: input.version + 1, changedAt: now };
		const changed =
			input.version === 0
				? await tx.insert(organisation).values(row).onConflictDoNothing().returning({ id: organisation.id })
				: await tx
						.update(organisation)
						.set(row)
						.where(and(eq(organisation.id, 1), eq(organisation.version, input.version)))
						.returning({ id: organisation.id });
		if (changed.length === 0) throw new DomainError('conflict', 'organisationChanged');
		await writeAuditLine(tx, actor, { at: now, act: 'organisation-set' });
	});
}
