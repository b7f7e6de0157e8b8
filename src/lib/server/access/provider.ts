import * as oidc from 'openid-client';
import { isLoopback, type IdentitySettings } from '../config';
import { describeError, log } from '../log';

/** So long the organisation's sign-in has to answer, s. Our assumption. */
const PATIENCE_S = 8;

/** Asked to show who they are again, someone did so within this, s. Our assumption: a page is read and a password typed. */
const ANEW_S = 300;

/** Why nobody came in by the organisation's own sign-in. */
const PROVIDER_REASONS = ['cancelled', 'unreachable', 'refused', 'unknown'] as const;

/** One of {@link PROVIDER_REASONS}. */
export type ProviderReason = (typeof PROVIDER_REASONS)[number];

/** Nobody came in, and why. */
export class ProviderError extends Error {
	constructor(readonly reason: ProviderReason) {
		super(reason);
	}
}

/** The page that says why nobody came in: the sign-in, or for who has to show again who they are, that. */
export const signInPageWithReason = (
	reason: ProviderReason,
	{ to, isAnew }: Pick<ProviderFlow, 'to' | 'isAnew'>
) => (isAnew ? `/desk/confirm?to=${encodeURIComponent(to)}&why=${reason}` : `/desk/sign-in?why=${reason}`);

/** Why nobody came in, as an address says it; null where it says nothing. */
export const providerReasonIn = (url: URL): ProviderReason | null =>
	PROVIDER_REASONS.find((one) => one === url.searchParams.get('why')) ?? null;

/** What a browser keeps while it is away: without it nobody comes back. */
export interface ProviderFlow {
	readonly state: string;
	readonly nonce: string;
	readonly verifier: string;
	/** Page of the desk to go on to. */
	readonly to: string;
	/** Whether they have to show who they are again. */
	readonly isAnew: boolean;
}

/** Who came back. */
export interface ProviderClaims {
	/** The issuer's address. */
	readonly issuer: string;
	/** The issuer's address and its name for them. */
	readonly subject: string;
	/** Their address, where the issuer has seen that it is theirs. */
	readonly email: string | null;
	/** Whether the issuer says that they showed several factors (`mfa`, RFC 8176). */
	readonly isStrong: boolean;
}

const found = new WeakMap<IdentitySettings, Promise<oidc.Configuration>>();

function discovered({ issuer, clientId, clientSecret }: IdentitySettings): Promise<oidc.Configuration> {
	const url = new URL(issuer);
	return oidc.discovery(
		url,
		clientId,
		undefined,
		clientSecret === '' ? oidc.None() : oidc.ClientSecretBasic(clientSecret),
		// Plain HTTP goes to this very machine only: the settings refuse any other.
		{ timeout: PATIENCE_S, execute: isLoopback(url.hostname) ? [oidc.allowInsecureRequests] : [] }
	);
}

/** What the issuer says of itself: asked once, and again after it could not be had. */
async function issuerOf(settings: IdentitySettings): Promise<oidc.Configuration> {
	const asked = found.get(settings) ?? discovered(settings);
	found.set(settings, asked);
	try {
		return await asked;
	} catch (thrown) {
		found.delete(settings);
		log({ level: 'warn', event: 'identity-provider', ...describeError(thrown) });
		throw new ProviderError('unreachable');
	}
}

/** Sends someone to the organisation's own sign-in. @param back the address that they come back to */
export async function startProviderSignIn(
	settings: IdentitySettings,
	back: string,
	{ to, isAnew }: Pick<ProviderFlow, 'to' | 'isAnew'>
): Promise<{ url: URL; flow: ProviderFlow }> {
	const issuer = await issuerOf(settings);
	const verifier = oidc.randomPKCECodeVerifier();
	const flow = { state: oidc.randomState(), nonce: oidc.randomNonce(), verifier, to, isAnew };
	const url = oidc.buildAuthorizationUrl(issuer, {
		redirect_uri: back,
		scope: 'openid email profile',
		code_challenge: await oidc.calculatePKCECodeChallenge(verifier),
		code_challenge_method: 'S256',
		state: flow.state,
		nonce: flow.nonce,
		...(isAnew ? { prompt: 'login', max_age: String(ANEW_S) } : {})
	});
	return { url, flow };
}

/**
 * Reads who came back, and asks the issuer whether it is true.
 *
 * @param url the address that the browser came back to, with what the issuer put there
 * @throws ProviderError where nobody did
 */
export async function finishProviderSignIn(
	settings: IdentitySettings,
	url: URL,
	flow: ProviderFlow
): Promise<ProviderClaims> {
	const issuer = await issuerOf(settings);
	const answer = await oidc
		.authorizationCodeGrant(issuer, url, {
			expectedState: flow.state,
			expectedNonce: flow.nonce,
			pkceCodeVerifier: flow.verifier,
			idTokenExpected: true,
			...(flow.isAnew ? { maxAge: ANEW_S } : {})
		})
		.catch((thrown: unknown) => {
			if (thrown instanceof oidc.AuthorizationResponseError) throw new ProviderError('cancelled');
			log({ level: 'warn', event: 'identity-provider', ...describeError(thrown) });
			throw new ProviderError('refused');
		});
	const claims = answer.claims();
	if (!claims) throw new ProviderError('refused');
	const { email, email_verified: isVerified, amr } = claims;
	// Some issuers hold everybody's address themselves and never say so; one that says no is believed.
	const isTrusted = isVerified === true || (isVerified === undefined && settings.trustsAddresses);
	return {
		issuer: claims.iss,
		subject: `${claims.iss} ${claims.sub}`,
		email: typeof email === 'string' && isTrusted ? email.trim().toLowerCase() : null,
		isStrong: Array.isArray(amr) && amr.includes('mfa')
	};
}
