import { sql } from 'drizzle-orm';
import { WEBHOOK_KINDS, type WebhookKind } from '../../../core/platform/webhooks/webhook-kinds';
import { schema, type Db } from '../db/client';

const { webhookMessages, webhooks } = schema;

/** How often each kind stands in some lines of the audit log. */
function countKinds(acts: readonly string[]): Map<WebhookKind, number> {
	const counts = new Map<WebhookKind, number>();
	for (const act of acts) {
		const kind = WEBHOOK_KINDS.find((one) => one === act);
		if (kind) counts.set(kind, (counts.get(kind) ?? 0) + 1);
	}
	return counts;
}

/**
 * Queues a message for each act and each webhook that is told of its kind. Called with the seals of the acts' lines and in their
 * transaction, so that each act is told once. Cost: one statement a batch of lines, where any of them can be told.
 * @param acts by their names in the audit log
 */
export async function queueWebhookMessages(tx: Db, acts: readonly string[], now: Date): Promise<void> {
	const counts = countKinds(acts);
	if (counts.size === 0) return;
	const kinds = sql.join(
		[...counts].map(([kind, n]) => sql`(${kind}::text, ${n}::int)`),
		sql`, `
	);
	await tx.execute(sql`
		insert into ${webhookMessages} (webhook_id, kind, queued_at, next_try_at)
		select ${webhooks.id}, told.kind, ${now.toISOString()}::timestamptz, ${now.toISOString()}::timestamptz
		from ${webhooks}, (values ${kinds}) as told (kind, n), generate_series(1, told.n)
		where ${webhooks.isOn} and told.kind = any(${webhooks.kinds})`);
}
