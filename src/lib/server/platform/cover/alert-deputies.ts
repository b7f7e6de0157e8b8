import { and, eq, gt, inArray, isNull, sql } from 'drizzle-orm';
import { rolesWith } from '../../../core/platform/access/permissions';
import { EMERGENCY_RED_FLAGS } from '../../../core/cases/discomfort/red-flags';
import { isAwayOn } from '../accounts/stand-ins';
import { isoDay } from '../clock';
import { readOrganisation } from '../organisation/read-organisation';
import { emailWords } from '../../../messages/emails';
import { writeAuditLine } from '../audit/write-audit-line';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { log } from '../log';
import { queueEmail } from '../email/queue-email';
import { readCover } from './cover-settings';
import type { PostSigned } from '../webhooks/post-signed';

const { deputyAlerts, users } = schema;

const MINUTE_MS = 60_000;

/** An emergency that nobody has opened since it was reported. */
interface Unopened extends Record<string, unknown> {
	readonly personId: string;
	readonly reportedAt: string;
}

/**
 * Emergencies reported before a moment that no account has opened since, and about which nobody was alerted yet. Cost: open emergencies, by
 * cases_level_idx, with three look-ups each.
 */
async function unopenedEmergencies(db: Db, before: Date): Promise<Unopened[]> {
	const { rows } = await db.execute<Unopened>(sql`
		select c.person_id as "personId", s.at::text as "reportedAt" from cases c
		join lateral (select max(r.at) as at from reported_signs r where r.person_id = c.person_id
			and r.sign = any(${sql.param([...EMERGENCY_RED_FLAGS])}::text[])) s on s.at <= ${before.toISOString()}::timestamptz
		where c.level = 'emergency' and c.open_since is not null
			and not exists (select from audit_lines a where a.person_id = c.person_id and a.act = 'case-read' and a.at >= s.at)
			and not exists (select from deputy_alerts d where d.person_id = c.person_id and d.reported_at = s.at)
		order by s.at, c.person_id`);
	return rows;
}

/** The deputy, or who stands in while they are away; every coordinator where neither is there. */
async function deputiesOf(db: Db, deputyId: string | null, today: string) {
	const open = await db
		.select({
			id: users.id,
			name: users.name,
			email: users.email,
			language: users.language,
			standInId: users.standInId,
			isAway: sql<boolean>`${isAwayOn(today)}`
		})
		.from(users)
		.where(and(inArray(users.role, rolesWith('cases:act')), isNull(users.closedAt)));
	const deputy = open.find(({ id }) => id === deputyId);
	const standIn = deputy && open.find(({ id }) => id === deputy.standInId);
	const onDuty = [deputy, standIn].find((one) => one && !one.isAway);
	return onDuty ? [onDuty] : open;
}

/**
 * Emails the deputy about each emergency that nobody has opened within the set time. The email names nobody. Done twice, or by two
 * processes at once, it is done once.
 * @returns how many emergencies the deputy was alerted to
 */
export async function alertDeputies(db: Db, now: Date): Promise<number> {
	const { minutes, deputyId } = await readCover(db);
	if (minutes === null) return 0;
	const unopened = await unopenedEmergencies(db, new Date(now.getTime() - minutes * MINUTE_MS));
	if (unopened.length === 0) return 0;
	const { timeZone } = await readOrganisation(db);
	const deputies = await deputiesOf(db, deputyId, isoDay(now, timeZone));
	let alerted = 0;
	for (const { personId, reportedAt } of unopened)
		alerted += await inTransaction(db, async (tx) => {
			const made = await tx
				.insert(deputyAlerts)
				.values({ personId, reportedAt: sql`${reportedAt}::timestamptz`, alertedAt: now })
				.onConflictDoNothing()
				.returning({ alertId: deputyAlerts.alertId });
			if (made.length === 0) return 0;
			for (const { name, email, language } of deputies)
				await queueEmail(tx, {
					personId: null,
					toName: name,
					toEmail: email,
					linkPath: '/desk',
					writtenAt: now,
					...emailWords('deputy-alert', { name, language })
				});
			await writeAuditLine(tx, { kind: 'system' }, { at: now, act: 'deputy-alerted', personId });
			return 1;
		});
	return alerted;
}

/** Age up to which the webhook is handed an alert, ms: older ones are no news, and a new address gets none from before. */
const WEBHOOK_WITHIN_MS = 24 * 60 * MINUTE_MS;

/** Most alerts handed to the webhook in one go. */
const AT_ONCE = 20;

/**
 * Tells the webhook of alerts that it hasn't taken yet: the kind of alert and an opaque id, nothing of the person. Outside any transaction.
 * @param secret of the settings, decrypted
 * @returns how many it took
 */
export async function tellWebhook(
	db: Db,
	{ url, secret }: { readonly url: string; readonly secret: string },
	post: PostSigned,
	now: Date
): Promise<number> {
	const waiting = await db
		.select({ alertId: deputyAlerts.alertId })
		.from(deputyAlerts)
		.where(
			and(
				isNull(deputyAlerts.webhookAt),
				gt(deputyAlerts.alertedAt, new Date(now.getTime() - WEBHOOK_WITHIN_MS))
			)
		)
		.orderBy(deputyAlerts.alertedAt)
		.limit(AT_ONCE);
	let taken = 0;
	for (const { alertId } of waiting) {
		const body = JSON.stringify({ kind: 'emergency-unopened', id: alertId, at: now.toISOString() });
		const result = await post({ url, secret, body, at: now });
		if (!result.isTaken) {
			log({ level: 'warn', event: 'webhook', fault: result.fault });
			// The others would meet the same, and each is tried again in a minute.
			break;
		}
		await db.update(deputyAlerts).set({ webhookAt: now }).where(eq(deputyAlerts.alertId, alertId));
		taken += 1;
	}
	return taken;
}
