import { describe, expect, it } from 'vitest';
import { isLoopback } from '../config';
import { requestOrigin, trustedOrigins } from '../http/trusted-origins';
import { readAttestation } from '../http/passkey-bodies';
import { DomainError } from '../domain-error';
import { signInPageWithReason, providerReasonIn } from './provider';
import { safeRedirect } from './safe-redirect';

const at = (path: string) => new URL(`https://desk.example${path}`);

// OWASP ASVS 4.0.3, 5.1.5 (from memory): nobody is sent on to where an address says, but to pages of one's own.
describe('the way on after a sign-in', () => {
	it('is a page of the desk, whatever the address says', () => {
		expect(safeRedirect(at('/x?to=/desk/people?q=a'))).toBe('/desk/people?q=a');
		for (const to of [
			'//else.example',
			'https://else.example',
			'/desk.else.example',
			'/desk@else',
			'/c/x',
			'/desk?x\r\nset-cookie: a=b',
			'/desk/\u2028',
			''
		])
			expect(safeRedirect(at(`/x?to=${encodeURIComponent(to)}`)), to).toBe('/desk');
	});

	it('tells why nobody came in, where they stood, and reads back what it told', () => {
		const flow = { to: '/desk/users?x=1&y', isAnew: true };
		const told = new URL(signInPageWithReason('refused', flow), 'https://desk.example');
		expect([told.pathname, providerReasonIn(told), safeRedirect(told)]).toEqual([
			'/desk/confirm',
			'refused',
			flow.to
		]);
		expect(signInPageWithReason('unknown', { ...flow, isAnew: false })).toBe('/desk/sign-in?why=unknown');
		expect(providerReasonIn(at('/desk/sign-in?why=<script>'))).toBeNull();
	});
});

describe('an address of one’s own', () => {
	it('is what a request names, if it is one, and else the one that was given', () => {
		const demo = { origin: 'http://127.0.0.1:4280', mode: 'demo' } as const;
		const named = (host: string) => new Request('http://x', { headers: { host } });
		expect(requestOrigin(named('localhost:4280'), demo)).toBe('http://localhost:4280');
		for (const host of ['localhost:9', 'else.example', '127.0.0.1:4280'])
			expect(requestOrigin(named(host), demo), host).toBe('http://127.0.0.1:4280');
		expect(trustedOrigins({ origin: 'https://desk.example', mode: 'demo' })).toEqual([
			'https://desk.example'
		]);
	});

	it('is this machine by its numbers and its name, and by no name that begins like them', () => {
		for (const host of ['localhost', '127.0.0.1', '127.9.9.9', '::1', '[::1]', '::ffff:127.0.0.1'])
			expect(isLoopback(host), host).toBe(true);
		for (const host of [
			'127.else.example',
			'127.0.0.1.else.example',
			'localhost.else.example',
			'192.0.2.1',
			''
		])
			expect(isLoopback(host), host).toBe(false);
	});
});

describe('a new passkey’s body', () => {
	const read = (name: string, id = 'abc') =>
		readAttestation(
			new Request('http://x', {
				method: 'PUT',
				body: JSON.stringify({
					name,
					response: {
						...{ id, rawId: id, type: 'public-key', clientExtensionResults: {} },
						response: { clientDataJSON: 'e30', attestationObject: 'e30', transports: ['internal'] }
					}
				})
			})
		);

	it('has a name that can be read, and nothing that is no base64url', async () => {
		expect((await read('laptop')).name).toBe('laptop');
		for (const [name, id] of [
			['', 'abc'],
			['   ', 'abc'],
			['x'.repeat(61), 'abc'],
			['laptop', '"><script>'],
			['laptop', '']
		] as const)
			await expect(read(name, id), `${name}/${id}`).rejects.toThrow(DomainError);
	});
});
