import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';

/** Acts that are kept in the audit log. */
export const AUDIT_ACTIONS = [
	'signed-in',
	'sign-in-failed',
	'signed-out',
	'second-factor-set',
	'second-factor-ended',
	'recovery-code-used',
	'passkey-added',
	'passkey-removed',
	'provider-linked',
	'record-right-given',
	'record-right-taken',
	'reset-asked',
	'person-erased',
	'person-data-exported',
	'retention-set',
	'list-read',
	'record-read',
	'feed-read',
	'equipment-exported',
	'letter-delivered',
	'person-added',
	'assessment-sent',
	'breaks-shared',
	'breaks-not-shared',
	'link-revoked',
	'consented',
	'answered',
	'step-ticked',
	're-measured',
	'withdrawn',
	'signs-told',
	'signs-lifted',
	'finding-ticked',
	'crisis-line-set',
	'spot-added',
	'equipment-asked',
	'equipment-not-needed',
	'case-seen',
	'follow-up-set',
	'follow-up-done',
	'case-reopened',
	'message-written',
	'note-written',
	'referred',
	'referral-ended',
	'referral-written',
	'set-up',
	'equipment-decided',
	'store-counted',
	'owner-set',
	'put-off',
	'person-changed',
	'person-left',
	'person-returned',
	'people-imported',
	'people-exported',
	'round-made',
	'round-sent',
	'round-closed',
	'round-reopened',
	'reminded',
	'nudged',
	'user-invited',
	'user-closed',
	'password-chosen',
	'case-read',
	'act-undone',
	'contact-recorded',
	'message-read',
	'plan-chosen',
	'style-kept',
	'checked-in',
	'check-in-asked',
	'plan-recalled',
	'emails-released',
	'emails-cancelled',
	'emails-sent-again',
	'email-limit-set',
	'prices-set',
	'report-made',
	'report-dropped',
	'figures-exported'
] as const;

/** One of {@link AUDIT_ACTIONS}. */
export type AuditAction = (typeof AUDIT_ACTIONS)[number];

/** Writes who did what, in the transaction of the act itself. Details are ids and counts, never answers. */
export async function writeAuditLine(
	db: Db,
	actor: Actor,
	line: { at: Date; act: AuditAction; personId?: string; detail?: Record<string, string | number> }
): Promise<void> {
	const actorId = actor.kind === 'user' ? actor.id : actor.kind === 'person' ? actor.personId : null;
	await db
		.insert(schema.auditLines)
		.values({ ...line, actorKind: actor.kind, actorId, detail: line.detail ?? {} });
}
