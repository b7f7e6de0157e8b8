import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Autosave, type Keep } from './autosave.svelte';

function memory(start: Record<string, string> = {}): Keep & { all: Map<string, string> } {
	const all = new Map(Object.entries(start));
	return {
		all,
		getItem: (key) => all.get(key) ?? null,
		setItem: (key, value) => void all.set(key, value),
		removeItem: (key) => void all.delete(key)
	};
}

/** A server that answers as told, and remembers what it was sent. */
function server(answers: (number | 'down')[]) {
	const sent: Record<string, string>[] = [];
	const put = ((_address: string, init?: RequestInit) => {
		const answer = answers.length > 1 ? answers.shift() : answers[0];
		if (answer === 'down' || answer === undefined) return Promise.reject(new TypeError('no network'));
		sent.push((JSON.parse(String(init?.body)) as { fields: Record<string, string> }).fields);
		return Promise.resolve(new Response('{}', { status: answer }));
	}) as typeof fetch;
	return { sent, put };
}

beforeEach(() => void vi.useFakeTimers());
afterEach(() => void vi.useRealTimers());

describe('Autosave', () => {
	it('waits for a pause, then sends what changed in one go', async () => {
		const { sent, put } = server([200]);
		const autosave = new Autosave('/draft', memory(), put);
		for (const text of ['1', '16', '164']) autosave.set({ stature: text });
		autosave.set({ heel: '2' });
		expect(sent).toEqual([]);
		await vi.advanceTimersByTimeAsync(600);
		expect(sent).toEqual([{ stature: '164', heel: '2' }]);
		expect(autosave.state).toBe('saved');
		expect(autosave.unsent).toEqual({});
	});

	it('keeps on the device what the network did not take, and sends it when it is back', async () => {
		const keep = memory();
		const { sent, put } = server(['down', 'down', 200]);
		const autosave = new Autosave('/draft', keep, put);
		autosave.set({ stature: '164' });
		await vi.advanceTimersByTimeAsync(600);
		expect(autosave.state).toBe('waiting');
		expect([...keep.all.values()]).toEqual(['{"stature":"164"}']);
		autosave.set({ heel: '2' });
		await vi.advanceTimersByTimeAsync(10_000);
		expect(sent).toEqual([{ stature: '164', heel: '2' }]);
		expect(keep.all.size).toBe(0);
	});

	it('goes on with what an earlier visit left behind', async () => {
		const { sent, put } = server([200]);
		const autosave = new Autosave('/draft', memory({ 'easy-corner /draft': '{"stature":"170"}' }), put);
		expect(autosave.unsent).toEqual({ stature: '170' });
		await vi.advanceTimersByTimeAsync(10);
		expect(sent).toEqual([{ stature: '170' }]);
	});

	it('does not lose what is typed while a save is under way', async () => {
		let answer: (response: Response) => void = () => {};
		const bodies: string[] = [];
		const put = ((_: string, init?: RequestInit) => {
			bodies.push(String(init?.body));
			return new Promise<Response>((resolve) => (answer = resolve));
		}) as typeof fetch;
		const autosave = new Autosave('/draft', memory(), put);
		autosave.set({ stature: '16' });
		await vi.advanceTimersByTimeAsync(600);
		autosave.set({ stature: '164' });
		answer(new Response('{}'));
		await vi.advanceTimersByTimeAsync(600);
		answer(new Response('{}'));
		await vi.advanceTimersByTimeAsync(10);
		expect(bodies.at(-1)).toContain('"164"');
		expect(autosave.unsent).toEqual({});
	});

	it('bears a storage that is broken or refuses', () => {
		const broken = memory({ 'easy-corner /draft': '{"stature":' });
		expect(new Autosave('/draft', broken, server([200]).put).unsent).toEqual({});
		const refusing: Keep = {
			getItem: () => null,
			setItem: () => {
				throw new Error('full');
			},
			removeItem: () => {}
		};
		const autosave = new Autosave('/draft', refusing, server([200]).put);
		expect(() => autosave.set({ stature: '164' })).not.toThrow();
	});
});
