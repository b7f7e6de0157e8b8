import { gunzipSync } from 'node:zlib';
import { describe, expect, it } from 'vitest';
import { compressResponse } from './compress-response';

const page = (type: string, text = 'word '.repeat(1000), headers: Record<string, string> = {}) =>
	new Response(text, { headers: { 'content-type': type, ...headers } });

describe('a response', () => {
	it('is compressed for who takes it, and reads the same', async () => {
		// As it streams, and a page at once.
		const both: Record<string, string>[] = [{}, { etag: '"x"', 'content-length': '5000' }];
		for (const headers of both) {
			const whole = page('text/html; charset=utf-8', undefined, headers);
			const sent = await compressResponse(whole, 'br, gzip;q=0.8');
			expect(sent.headers.get('content-encoding')).toBe('gzip');
			expect(sent.headers.get('vary')).toBe('accept-encoding');
			const bytes = Buffer.from(await sent.arrayBuffer());
			expect(bytes.byteLength).toBeLessThan(500);
			expect(sent.headers.get('content-length')).toBe('etag' in headers ? String(bytes.byteLength) : null);
			expect(gunzipSync(bytes).toString()).toBe('word '.repeat(1000));
		}
	});

	it('is left as it is for who refuses it or asks for nothing', async () => {
		for (const accepted of [null, '', 'br', 'gzip;q=0', 'gzip; q=0.0'])
			expect((await compressResponse(page('text/html'), accepted)).headers.has('content-encoding')).toBe(
				false
			);
	});

	it('is left as it is where it is small, compressed already, a stream of events or a picture', async () => {
		expect(
			(await compressResponse(page('text/html', 'x', { 'content-length': '1' }), 'gzip')).headers.has(
				'content-encoding'
			)
		).toBe(false);
		expect((await compressResponse(page('text/event-stream'), 'gzip')).headers.has('content-encoding')).toBe(
			false
		);
		expect((await compressResponse(page('image/png'), 'gzip')).headers.has('content-encoding')).toBe(false);
		expect(
			(await compressResponse(page('text/html', 'x', { 'content-encoding': 'br' }), 'gzip')).headers.get(
				'content-encoding'
			)
		).toBe('br');
		expect((await compressResponse(new Response(null, { status: 204 }), 'gzip')).status).toBe(204);
	});

	it('keeps its status and its headers', async () => {
		const sent = await compressResponse(
			page('application/json', '{}'.repeat(2000), { 'x-kept': 'yes' }),
			'gzip'
		);
		expect([sent.status, sent.headers.get('x-kept')]).toEqual([200, 'yes']);
	});
});
