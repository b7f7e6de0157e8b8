import { createServer, type RequestListener, type Server } from 'node:http';
import type { AddressInfo } from 'node:net';
import { afterAll, afterEach, beforeAll, describe, expect, it, vi } from 'vitest';
import { isPublicAddress } from './private-addresses';
import { safeFetch, UnreachableError, type SafeRequest } from './safe-fetch';

let server: Server;
let port: number;
let respond: RequestListener = (_, response) => void response.end('here');
let asked = 0;

beforeAll(async () => {
	vi.spyOn(process.stdout, 'write').mockReturnValue(true);
	server = createServer((request, response) => {
		asked += 1;
		respond(request, response);
	});
	await new Promise<void>((resolve) => server.listen(0, '127.0.0.1', resolve));
	({ port } = server.address() as AddressInfo);
});
afterEach(() => {
	asked = 0;
	respond = (_, response) => void response.end('here');
});
afterAll(() => {
	vi.restoreAllMocks();
	server.closeAllConnections();
	return new Promise((resolve) => server.close(resolve));
});

const ASKED: SafeRequest = { timeoutMs: 5000, mostBytes: 1000, privateHosts: [] };
const OPEN: SafeRequest = { ...ASKED, privateHosts: ['127.0.0.1', 'localhost'] };

describe('an address', () => {
	it('is public only where it is reached on the internet', () => {
		for (const one of ['8.8.8.8', '1.1.1.1', '93.184.216.34', '2606:2800:220:1::1', '2a00:1450:4001::65'])
			expect(isPublicAddress(one), one).toBe(true);
		for (const one of [
			...['127.0.0.1', '127.255.0.9', '0.0.0.0', '10.1.2.3', '172.16.0.1', '172.31.255.255', '192.168.1.1'],
			...['169.254.169.254', '100.64.0.1', '198.18.0.1', '224.0.0.1', '255.255.255.255', '192.0.2.7'],
			...['::', '::1', '::ffff:127.0.0.1', '::ffff:8.8.8.8', '64:ff9b::7f00:1', 'fe80::1', 'fe80::1%eth0'],
			...['fc00::1', 'fd12:3456::1', 'ff02::1', '2001:db8::1', '2002:7f00:1::', 'localhost', '']
		])
			expect(isPublicAddress(one), one).toBe(false);
	});
});

describe('what reaches out', () => {
	it('never reaches this machine, a private network or a link, however its address is written, unless a setting names the host', async () => {
		for (const host of [
			...['127.0.0.1', 'localhost', '[::1]', '[::ffff:127.0.0.1]', '2130706433', '0x7f.1', '0177.0.0.1', '0'],
			...['169.254.169.254', '10.0.0.1', '[fe80::1]']
		])
			await expect(safeFetch(`http://${host}:${port}/`, ASKED), host).rejects.toMatchObject({
				message: 'unreachable',
				isPrivate: true
			});
		await expect(safeFetch('file:///etc/passwd', OPEN)).rejects.toThrow(UnreachableError);
		expect(asked).toBe(0);
		for (const host of ['127.0.0.1', 'localhost'])
			expect(await (await safeFetch(`http://${host}:${port}/`, OPEN)).text()).toBe('here');
	});

	it('gives what it was answered, and sends what it is given', async () => {
		respond = (request, response) => {
			response.writeHead(418, { 'x-method': request.method ?? '' });
			request.pipe(response);
		};
		const answer = await safeFetch(`http://127.0.0.1:${port}/`, { ...OPEN, method: 'POST', body: 'né' });
		expect([answer.status, answer.headers.get('x-method'), await answer.text()]).toEqual([418, 'POST', 'né']);
		expect(asked).toBe(1);
		respond = (_, response) => void response.writeHead(204).end();
		expect((await safeFetch(`http://127.0.0.1:${port}/`, OPEN)).status).toBe(204);
	});

	it('says the same word of everything that is no answer: refused, led elsewhere, cut off, too long, too slow', async () => {
		const told = (url: string, request = OPEN) =>
			safeFetch(url, request).then(
				() => 'an answer',
				(error: unknown) => [String(error), (error as UnreachableError).isPrivate]
			);
		const UNREACHABLE = ['unreachable: unreachable', false];
		expect(await told('http://127.0.0.1:1/')).toEqual(UNREACHABLE);
		respond = (_, response) => void response.writeHead(302, { location: '/elsewhere' }).end();
		expect(await told(`http://127.0.0.1:${port}/`)).toEqual(UNREACHABLE);
		respond = (_, response) => {
			response.writeHead(200, { 'content-length': '10' });
			response.write('some');
			setImmediate(() => response.destroy());
		};
		expect(await told(`http://127.0.0.1:${port}/`)).toEqual(UNREACHABLE);
		respond = (_, response) => void response.end('x'.repeat(1001));
		expect(await told(`http://127.0.0.1:${port}/`)).toEqual(UNREACHABLE);
		respond = () => {};
		expect(await told(`http://127.0.0.1:${port}/`, { ...OPEN, timeoutMs: 50 })).toEqual(UNREACHABLE);
		expect(await told(`https://127.0.0.1:${port}/`, { ...OPEN, timeoutMs: 500 })).toEqual(UNREACHABLE);
	});
});
