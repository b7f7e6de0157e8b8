/**
 * Acts that a webhook may be told of, by their names in the audit log. None of them says by itself that somebody has a warning sign or
 * discomfort, was referred, or hasn't answered: an act that would is never told.
 */
export const WEBHOOK_KINDS = [
	'people-imported',
	'person-added',
	'person-left',
	'person-returned',
	'person-erased',
	'round-sent',
	'round-closed',
	'assessment-sent',
	'answered',
	'checked-in',
	'case-seen',
	'follow-up-set',
	'follow-up-done',
	'equipment-asked',
	'equipment-decided',
	'equipment-not-needed'
] as const;

/** One of {@link WEBHOOK_KINDS}. */
export type WebhookKind = (typeof WEBHOOK_KINDS)[number];

/** Longest name and address of a webhook, characters. */
export const WEBHOOK_LENGTHS = { name: 60, url: 300 } as const;

/** Most webhooks. Our assumption: each costs a request for every act. */
export const MAX_WEBHOOKS = 10;
