import { Type } from 'typebox';
import { relyingPartyAt, type RelyingParty } from '../access/passkeys';
import { DomainError } from '../domain-error';
import { jsonReader } from './read-body';

/** Base64url data from a device; the longest is a key with its certificates. */
const bytes = Type.String({ maxLength: 20_000, pattern: '^[A-Za-z0-9_-]*$' });

/** A device's id for a passkey: at most 1,023 bytes (WebAuthn level 2). */
const id = Type.String({ minLength: 1, maxLength: 1400, pattern: '^[A-Za-z0-9_-]+$' });

/** What both kinds of response say about the passkey. Browsers send more, which nothing here reads. */
const credential = {
	id,
	rawId: id,
	type: Type.Literal('public-key'),
	clientExtensionResults: Type.Object({})
};

/** Reads a signed sign-in (WebAuthn level 2, AuthenticationResponseJSON). */
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

/** Reads a new passkey (RegistrationResponseJSON), with its owner's name for it. */
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

/** The relying party for the origin of a request. Only requests from our own pages get this far. */
export function requireRelyingParty(request: Request): RelyingParty {
	const party = relyingPartyAt(request.headers.get('origin') ?? '');
	if (!party) throw new DomainError('invalid', 'passkeyNeedsName');
	return party;
}
