import { randomBytes } from 'node:crypto';
import { and, eq } from 'drizzle-orm';
import { NO_COVER, type CoverSettings } from '../../../core/platform/cover';
import { requirePermission } from '../access/require-permission';
import { decryptSecret, encryptSecret } from '../access/secret-keys';
import type { Actor } from '../actor';
import { writeAuditLine } from '../audit/write-audit-line';
import { coordinators } from '../../cases/case-owner';
import { schema, type Db } from '../db/client';
import { inTransaction } from '../db/transaction';
import { DomainError } from '../domain-error';
import { requireWebhookAddress } from '../webhooks/webhook-address';

const { coverSettings } = schema;

const rowOf = async (db: Db) => (await db.select().from(coverSettings).where(eq(coverSettings.id, 1)))[0];

/** Who is alerted to an emergency that nobody opens. One key look-up. */
export async function readCover(db: Db): Promise<CoverSettings> {
	const row = await rowOf(db);
	if (!row) return NO_COVER;
	const { minutes, deputyId, outOfHours, webhookUrl } = row;
	return { minutes, deputyId, outOfHours, webhookUrl };
}

/** Where the webhook is, and the secret that signs what it is sent; null where there is none. */
export async function readWebhook(db: Db): Promise<{ readonly url: string; readonly secret: string } | null> {
	const row = await rowOf(db);
	const secret = row?.webhookSecret ? decryptSecret(row.webhookSecret) : null;
	return row && secret ? { url: row.webhookUrl, secret } : null;
}

/** The settings with their version, the accounts to choose from, and the secret that the webhook's receiver needs. */
export async function coverPage(db: Db, actor: Actor) {
	requirePermission(actor, 'settings:change');
	const row = await rowOf(db);
	return {
		cover: await readCover(db),
		version: row?.version ?? 0,
		deputies: await coordinators(db),
		webhookSecret: row?.webhookSecret ? (decryptSecret(row.webhookSecret) ?? '') : ''
	};
}

/** @throws DomainError naming the field that can't be used */
async function requireUsable(tx: Db, { deputyId, webhookUrl }: CoverSettings): Promise<void> {
	if (deputyId !== null && !(await coordinators(tx)).some(({ id }) => id === deputyId))
		throw new DomainError('invalid', 'chooseCoordinator', '/deputyId');
	if (webhookUrl !== '') requireWebhookAddress(webhookUrl, '/webhookUrl', 'webhookAddress');
}

/**
 * Sets who is alerted, and what employees read. A new webhook address gets a new secret.
 * @param input with the version that the page showed; 0 the first time
 * @throws DomainError where a field can't be used, or someone else has changed it in the meantime
 */
export async function setCover(
	db: Db,
	actor: Actor,
	input: { readonly cover: CoverSettings; readonly version: number },
	now: Date
): Promise<void> {
	requirePermission(actor, 'settings:change');
	const cover = {
		...input.cover,
		outOfHours: input.cover.outOfHours.trim(),
		webhookUrl: input.cover.webhookUrl.trim()
	};
	await inTransaction(db, async (tx) => {
		await requireUsable(tx, cover);
		const known = await rowOf(tx);
		const keepsSecret = known?.webhookUrl === cover.webhookUrl && known.webhookSecret !== '';
		const webhookSecret =
			cover.webhookUrl === ''
				? ''
				: keepsSecret
					? known.webhookSecret
					: encryptSecret(randomBytes(32).toString('base64url'));
		const row = { ...cover, webhookSecret, version: input.version + 1, changedAt: now };
		const changed =
			input.version === 0
				? await tx.insert(coverSettings).values(row).onConflictDoNothing().returning({ id: coverSettings.id })
				: await tx
						.update(coverSettings)
						.set(row)
						.where(and(eq(coverSettings.id, 1), eq(coverSettings.version, input.version)))
						.returning({ id: coverSettings.id });
		if (changed.length === 0) throw new DomainError('conflict', 'organisationChanged');
		await writeAuditLine(tx, actor, { at: now, act: 'cover-set' });
	});
}
