import { DomainError } from '../domain-error';

/**
 * Requires an address that messages can be handed to: HTTPS, without a sign-in in it.
 * @param at the field, as a JSON Pointer
 * @param why what is said where it can't be used
 * @throws DomainError `invalid`
 */
export function requireWebhookAddress(
	address: string,
	at: string,
	why: 'webhookAddress' | 'webhookUrl'
): void {
	const url = URL.canParse(address) ? new URL(address) : null;
	if (url?.protocol !== 'https:' || url.username !== '' || url.password !== '')
		throw new DomainError('invalid', why, at);
}
