import { createHash, generateKeyPairSync, randomBytes, sign, type KeyObject } from 'node:crypto';

/**
 * A device that keeps passkeys, as the standard has it (WebAuthn level 2, W3C, sections 6.1 and 6.5; CBOR of RFC 8949 by hand, for the few
 * shapes that are needed). Written apart from the library that reads its answers.
 */

const USER_PRESENT = 0x01;
const USER_VERIFIED = 0x04;
const HAS_CREDENTIAL = 0x40;

const sha256 = (data: Buffer | string) => createHash('sha256').update(data).digest();

/** CBOR of a text, of bytes, of a small number. */
const cborText = (text: string) => Buffer.concat([Buffer.from([0x60 + text.length]), Buffer.from(text)]);
const cborBytes = (bytes: Buffer) =>
	Buffer.concat([
		bytes.length < 256
			? Buffer.from([0x58, bytes.length])
			: Buffer.from([0x59, bytes.length >> 8, bytes.length & 0xff]),
		bytes
	]);
const cborInt = (n: number) => Buffer.from([n >= 0 ? n : 0x20 - n - 1]);

export interface Asked {
	readonly challenge: string;
	readonly origin: string;
	readonly rpId: string;
}

/** One passkey on one device. Each answer can be made wrong in one way. */
export class PasskeyDevice {
	readonly id = randomBytes(16);
	/** How often it has signed. */
	count = 0;
	readonly #privateKey: KeyObject;
	readonly #cose: Buffer;

	constructor() {
		const { privateKey, publicKey } = generateKeyPairSync('ec', { namedCurve: 'P-256' });
		this.#privateKey = privateKey;
		const { x = '', y = '' } = publicKey.export({ format: 'jwk' });
		// kty EC2, alg ES256, crv P-256, x, y (RFC 9053).
		this.#cose = Buffer.concat([
			Buffer.from([0xa5]),
			...[cborInt(1), cborInt(2), cborInt(3), cborInt(-7), cborInt(-1), cborInt(1)],
			...[cborInt(-2), cborBytes(Buffer.from(x, 'base64url'))],
			...[cborInt(-3), cborBytes(Buffer.from(y, 'base64url'))]
		]);
	}

	#authenticatorData(rpId: string, flags: number, more: Buffer = Buffer.alloc(0)): Buffer {
		const head = Buffer.alloc(5);
		head.writeUInt8(flags, 0);
		head.writeUInt32BE(this.count, 1);
		return Buffer.concat([sha256(rpId), head, more]);
	}

	#named() {
		const id = this.id.toString('base64url');
		return { id, rawId: id, type: 'public-key' as const, clientExtensionResults: {} };
	}

	#clientData(type: string, { challenge, origin }: Asked): Buffer {
		return Buffer.from(JSON.stringify({ type, challenge, origin, crossOrigin: false }));
	}

	/** The answer by which it is added. */
	made(asked: Asked, { isVerified = true } = {}) {
		const idLength = Buffer.alloc(2);
		idLength.writeUInt16BE(this.id.length, 0);
		const data = this.#authenticatorData(
			asked.rpId,
			USER_PRESENT | HAS_CREDENTIAL | (isVerified ? USER_VERIFIED : 0),
			Buffer.concat([Buffer.alloc(16), idLength, this.id, this.#cose])
		);
		const object = Buffer.concat([
			...[Buffer.from([0xa3]), cborText('fmt'), cborText('none'), cborText('attStmt'), Buffer.from([0xa0])],
			...[cborText('authData'), cborBytes(data)]
		]);
		return {
			...this.#named(),
			response: {
				clientDataJSON: this.#clientData('webauthn.create', asked).toString('base64url'),
				attestationObject: object.toString('base64url')
			}
		};
	}

	/** The answer by which someone signs in. */
	signed(asked: Asked, { isVerified = true, by = this as PasskeyDevice } = {}) {
		this.count += 1;
		const data = this.#authenticatorData(asked.rpId, USER_PRESENT | (isVerified ? USER_VERIFIED : 0));
		const client = this.#clientData('webauthn.get', asked);
		return {
			...this.#named(),
			response: {
				clientDataJSON: client.toString('base64url'),
				authenticatorData: data.toString('base64url'),
				signature: sign('sha256', Buffer.concat([data, sha256(client)]), by.#privateKey).toString('base64url')
			}
		};
	}
}
