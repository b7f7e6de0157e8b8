import { Type } from 'typebox';
import { relyingPartyAt, type RelyingParty } from '../access/passkeys';
import { DomainError } from '../domain-error';
import { jsonReader } from './read-body';

/** Base64url of what a device gives; the longest is a key with its certificates. */
const bytes = Type.String({ maxLength: 20_000, pattern: '^[A-Za-z0-9_-]*$' });

/** What a device calls a passkey: at most 1,023 bytes (WebAuthn level 2). */
const id = Type.String({ minLength: 1, maxLength: 1400, pattern: '^[A-Za-z0-9_-]+$' });

/** What both kinds of answers say of the passkey. Browsers say more, which nothing here reads. */
const credential = {
	id,
	rawId: id,
	type: Type.Literal('public-key'),
	clientExtensionResults: Type.Object({})
};

/** Reads what a device signed to sign in (WebAuthn level 2, AuthenticationResponseJSON). */
export const readAssertion = jsonReader(
	Type.Object({
		...credential,
		response: Type.Object({
			clientDataJSON: bytes,
			authenticatorData: bytes,
			signature: bytes
		})
	})
);

/** Reads a new passkey (RegistrationResponseJSON), with what its owner calls it. */
export const readAttestation = jsonReader(
	Type.Object({
		name: Type.String({ maxLength: 60, pattern: '\\S' }),
		response: Type.Object({
			...credential,
			response: Type.Object({
				clientDataJSON: bytes,
				attestationObject: bytes
			})
		})
	})
);

/** What passkeys of the address that a request comes from are bound to. Only requests of our own pages come this far. */
export function requireRelyingParty(request: Request): RelyingParty {
	const party = relyingPartyAt(request.headers.get('origin') ?? '');
	if (!party) throw new DomainError('invalid', 'passkeyNeedsName');
	return party;
}
