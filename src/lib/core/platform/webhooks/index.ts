export { MAX_WEBHOOKS, WEBHOOK_KINDS, WEBHOOK_LENGTHS, type WebhookKind } from './webhook-kinds';
export { nextTryAfterMs, WEBHOOK_DAYS } from './retries';
