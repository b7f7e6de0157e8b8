import * as oidc from 'openid-client';
import { isLoopback, type IdentitySettings } from '../config';
import { safeFetch } from '../http/safe-fetch';
import { describeError, log } from '../log';

/** Time the organisation's sign-in has to answer, s. Our assumption. */
const PATIENCE_S = 8;

/** A fresh sign-in counts for this long, s: time to read a page and type a password. Our assumption. */
const ANEW_S = 300;

/** Why a sign-in through the organisation failed. */
const PROVIDER_REASONS = ['cancelled', 'unreachable', 'refused', 'unknown'] as const;

/** One of {@link PROVIDER_REASONS}. */
export type ProviderReason = (typeof PROVIDER_REASONS)[number];

/** A sign-in through the organisation failed, with the reason. */
export class ProviderError extends Error {
	constructor(readonly reason: ProviderReason) {
		super(reason);
	}
}

/** The page that says why the sign-in failed: the sign-in page or, for someone who must confirm who they are, that one. */
export const signInPageWithReason = (
	reason: ProviderReason,
	{ to, isAnew }: Pick<ProviderFlow, 'to' | 'isAnew'>
) => (isAnew ? `/desk/confirm?to=${encodeURIComponent(to)}&why=${reason}` : `/desk/sign-in?why=${reason}`);

/** Why the sign-in failed, as stated in a URL; null where it says nothing. */
export const providerReasonIn = (url: URL): ProviderReason | null =>
	PROVIDER_REASONS.find((one) => one === url.searchParams.get('why')) ?? null;

/** What a browser keeps while it is away at the provider; without it nobody can return. */
export interface ProviderFlow {
	readonly state: string;
	readonly nonce: string;
	readonly verifier: string;
	/** Desk page to go on to. */
	readonly to: string;
	/** Whether the person must prove who they are again. */
	readonly isAnew: boolean;
}

/** The person who came back. */
export interface ProviderClaims {
	/** The issuer's address. */
	readonly issuer: string;
	/** The issuer's id for the person. */
	readonly subject: string;
	/** The person's email address, if the issuer verified it. */
	readonly email: string | null;
	/** Whether the issuer reports several factors (`mfa`, RFC 8176). */
	readonly isStrong: boolean;
}

const found = new WeakMap<IdentitySettings, Promise<oidc.Configuration>>();

/** Longest answer of an issuer, bytes: its metadata and keys have some thousands. Our assumption. */
const MOST_BYTES = 1024 * 1024;

/** How the client library asks the issuer, now and later. */
const askedBy =
	(privateHosts: readonly string[]): oidc.CustomFetch =>
	(url, { method, headers, body }) =>
		safeFetch(url, {
			method,
			headers,
			...(body === undefined || body === null
				? {}
				: { body: body instanceof URLSearchParams ? body.toString() : (body as string | Uint8Array) }),
			timeoutMs: PATIENCE_S * 1000,
			mostBytes: MOST_BYTES,
			privateHosts
		});

function discovered({
	issuer,
	clientId,
	clientSecret,
	privateHosts
}: IdentitySettings): Promise<oidc.Configuration> {
	const url = new URL(issuer);
	return oidc.discovery(
		url,
		clientId,
		undefined,
		clientSecret === '' ? oidc.None() : oidc.ClientSecretBasic(clientSecret),
		// Plain HTTP only to this machine itself: settings refuse any other.
		{
			timeout: PATIENCE_S,
			execute: isLoopback(url.hostname) ? [oidc.allowInsecureRequests] : [],
			[oidc.customFetch]: askedBy(privateHosts)
		}
	);
}

/** The issuer's metadata: requested once, and again after a failure. */
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

/**
 * Sends someone to the organisation's own sign-in.
 * @param back the URL to come back to
 */
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
 * Reads who came back, and verifies it with the issuer.
 * @param url the URL the browser came back to, with the issuer's parameters
 * @throws ProviderError where nobody signed in
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
	// Some issuers manage all addresses themselves and never state that one is verified; one that says "not verified" is believed.
	const isTrusted = isVerified === true || (isVerified === undefined && settings.trustsAddresses);
	return {
		issuer: claims.iss,
		subject: `${claims.iss} ${claims.sub}`,
		email: typeof email === 'string' && isTrusted ? email.trim().toLowerCase() : null,
		isStrong: Array.isArray(amr) && amr.includes('mfa')
	};
}
