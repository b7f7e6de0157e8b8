import type { Actor } from '../actor';
import { schema, type Db } from '../db/client';

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
	'person-data-viewed',
	'retention-set',
	'list-read',
	'record-read',
	'record-exported',
	'feed-read',
	'equipment-exported',
	'letter-delivered',
	'person-added',
	'assessment-sent',
	'begun-by-phone',
	'second-opinion-started',
	'walkthrough-started',
	'walkthrough-joined',
	'walkthrough-agreed',
	'walkthrough-ended',
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
	'organisation-set',
	'cover-set',
	'webhook-set',
	'webhook-removed',
	'directory-set',
	'policy-published',
	'settings-published',
	'checklist-published',
	'text-published',
	'text-discarded',
	'checklist-discarded',
	'import-undone',
	'absence-set',
	'absence-ended',
	'deputy-alerted',
	'translation-reviewed',
	'language-changed',
	'reminders-rested',
	'reminders-stopped',
	'reminders-resumed',
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
	'people-merged',
	'person-left',
	'person-returned',
	'people-imported',
	'people-exported',
	'archive-exported',
	'round-made',
	'round-draft-deleted',
	'round-sent',
	'round-closed',
	'round-reopened',
	'round-paused',
	'round-resumed',
	'round-corrected',
	'reminded',
	'nudged',
	'user-invited',
	'user-closed',
	'password-chosen',
	'api-token-made',
	'api-token-ended',
	'case-read',
	'act-undone',
	'contact-recorded',
	'message-read',
	'plan-chosen',
	'style-kept',
	'checked-in',
	'check-in-asked',
	'plan-recalled',
	'trial-asked',
	'emails-released',
	'emails-cancelled',
	'emails-sent-again',
	'email-limit-set',
	'prices-set',
	'budget-set',
	'report-made',
	'report-noted',
	'report-dropped',
	'figures-exported'
] as const;

/** One of {@link AUDIT_ACTIONS}. */
export type AuditAction = (typeof AUDIT_ACTIONS)[number];

/** What was done, and the person concerned. */
export interface NewAuditLine {
	readonly at: Date;
	readonly act: AuditAction;
	readonly personId?: string;
	readonly detail?: Record<string, string | number>;
}

/** Records who did what, in the transaction of the act itself. Details are ids and counts, never answers. */
export const writeAuditLine = (db: Db, actor: Actor, line: NewAuditLine): Promise<void> =>
	writeAuditLines(db, actor, [line]);

/** The same for several acts; there is at least one. */
export async function writeAuditLines(db: Db, actor: Actor, lines: readonly NewAuditLine[]): Promise<void> {
	const actorId = actor.kind === 'user' ? actor.id : actor.kind === 'person' ? actor.personId : null;
	await db
		.insert(schema.auditLines)
		.values(lines.map((line) => ({ ...line, actorKind: actor.kind, actorId, detail: line.detail ?? {} })));
}
