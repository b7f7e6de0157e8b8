import {
	browserSupportsWebAuthn,
	startAuthentication,
	startRegistration,
	WebAuthnError,
	type PublicKeyCredentialCreationOptionsJSON,
	type PublicKeyCredentialRequestOptionsJSON
} from '@simplewebauthn/browser';
import { deskWords } from '$lib/messages/desk';

/** Whether a device can hold passkeys for this address: an IP address has none. */
export const canUsePasskeys = () => browserSupportsWebAuthn() && !/^[\d.]+$|^\[/.test(location.hostname);

/** The result of an exchange, in words where it failed. */
type Answer<T> = { readonly value: T } | { readonly fault: string };

async function send<T>(address: string, method: 'POST' | 'PUT', body?: unknown): Promise<Answer<T>> {
	const response = await fetch(address, {
		method,
		headers: { 'content-type': 'application/json' },
		body: body === undefined ? null : JSON.stringify(body)
	}).catch(() => null);
	// The password must be entered again first, or the session has ended: that is done on another page.
	if (response?.redirected) location.assign(response.url);
	if (!response || response.redirected) return { fault: deskWords.frame.notReached };
	const answer = (await response.json().catch(() => ({}))) as T & { message?: string };
	return response.ok ? { value: answer } : { fault: answer.message ?? deskWords.frame.didNotWork };
}

/** The device's answer, or why there is none; pressing "cancel" is not an error. */
async function asked<T>(work: () => Promise<T>): Promise<Answer<T>> {
	try {
		return { value: await work() };
	} catch (thrown) {
		if (!(thrown instanceof Error)) throw thrown;
		const isThere =
			thrown instanceof WebAuthnError && thrown.code === 'ERROR_AUTHENTICATOR_PREVIOUSLY_REGISTERED';
		return { fault: isThere ? deskWords.accounts.passkeyThere : deskWords.accounts.passkeyNotUsed };
	}
}

/** A button that asks the device to sign, and the result. */
export class PasskeyUse {
	isBusy = $state(false);
	fault = $state<string | null>(null);

	/**
	 * Signs in, or supplies what a session still needs.
	 * @returns the page to go on to, or null
	 */
	async signIn(to: string): Promise<string | null> {
		const way = `/desk/sign-in/passkey?to=${encodeURIComponent(to)}`;
		const found = await this.#exchange<PublicKeyCredentialRequestOptionsJSON, unknown, { to: string }>(
			way,
			(options) => startAuthentication({ optionsJSON: options }),
			(signed) => signed
		);
		return found?.to ?? null;
	}

	/**
	 * Adds a passkey.
	 * @returns recovery codes, shown once, where there were none; null where it was not added
	 */
	async add(name: string): Promise<readonly string[] | null> {
		const found = await this.#exchange<PublicKeyCredentialCreationOptionsJSON, unknown, { codes: string[] }>(
			'/desk/account/passkeys',
			(options) => startRegistration({ optionsJSON: options }),
			(response) => ({ name, response })
		);
		return found?.codes ?? null;
	}

	async #exchange<Options, Signed, Result>(
		address: string,
		sign: (options: Options) => Promise<Signed>,
		bodyOf: (signed: Signed) => unknown
	): Promise<Result | null> {
		if (this.isBusy) return null;
		this.isBusy = true;
		this.fault = null;
		try {
			const options = await send<Options>(address, 'POST');
			if ('fault' in options) return this.#refuse(options.fault);
			const signed = await asked(() => sign(options.value));
			if ('fault' in signed) return this.#refuse(signed.fault);
			const kept = await send<Result>(address, 'PUT', bodyOf(signed.value));
			return 'fault' in kept ? this.#refuse(kept.fault) : kept.value;
		} finally {
			this.isBusy = false;
		}
	}

	#refuse(fault: string): null {
		this.fault = fault;
		return null;
	}
}
