import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { Autosave, type SaveFields } from './autosave.svelte';

function memory(start: Record<string, string> = {}): SaveFields & { all: Map<string, string> } {
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
		// "Saved" never stands beside what is not, and what the last try came to stays said until the next.
		autosave.set({ heel: '3' });
		expect(autosave.state).toBe('saving');
		await vi.advanceTimersByTimeAsync(600);
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

	it('leaves what was typed on the device until what the server told of it is kept, wherever the page is closed', async () => {
		const keep = memory();
		let body: (text: string) => void = () => {};
		const slow = new Response();
		slow.json = () => new Promise((resolve) => (body = (text) => resolve(JSON.parse(text))));
		const seen: [revision: number | null, kept: number][] = [];
		const autosave = new Autosave(
			'/draft',
			keep,
			() => Promise.resolve(slow),
			(revision) => seen.push([revision, keep.all.size])
		);
		autosave.set({ stature: '164' });
		await vi.advanceTimersByTimeAsync(600);
		expect(keep.all.size).toBe(1);
		body('{"revision":7}');
		await vi.advanceTimersByTimeAsync(1);
		expect(seen).toEqual([[7, 1]]);
		expect(keep.all.size).toBe(0);
	});

	it('keeps all other answers where one is refused, says so, and until it is typed again', async () => {
		const keep = memory();
		const sent: Record<string, string>[] = [];
		const put = ((_: string, init?: RequestInit) => {
			const { fields } = JSON.parse(String(init?.body)) as { fields: Record<string, string> };
			sent.push(fields);
			const bad = fields['thing.0/1.label'] === 'bad';
			return Promise.resolve(
				bad
					? Response.json({ message: 'no', at: '/fields/thing.0~11.label' }, { status: 400 })
					: Response.json({ revision: sent.length })
			);
		}) as typeof fetch;
		const autosave = new Autosave('/draft', keep, put);
		autosave.set({ stature: '164', 'thing.0/1.label': 'bad', heel: '1' });
		await vi.advanceTimersByTimeAsync(600);
		expect(sent.at(-1)).toEqual({ stature: '164', heel: '1' });
		expect([autosave.state, autosave.isSent, keep.all.size]).toEqual(['refused', true, 0]);
		autosave.set({ heel: '2' });
		await vi.advanceTimersByTimeAsync(600);
		expect(autosave.state).toBe('refused');
		autosave.set({ 'thing.0/1.label': 'good' });
		await vi.advanceTimersByTimeAsync(600);
		expect(autosave.state).toBe('saved');
		expect(sent).toHaveLength(4);
	});

	it('gives up what can never be kept, and tries again what is only too much at once', async () => {
		const ended = server([410]);
		const autosave = new Autosave('/draft', memory(), ended.put);
		autosave.set({ stature: '164' });
		await vi.advanceTimersByTimeAsync(60_000);
		expect([ended.sent.length, autosave.state, autosave.isSent]).toEqual([1, 'ended', true]);
		const busy = server([429, 503, 200]);
		const patient = new Autosave('/draft', memory(), busy.put);
		patient.set({ stature: '164' });
		await vi.advanceTimersByTimeAsync(60_000);
		expect([busy.sent.length, patient.state]).toEqual([3, 'saved']);
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

	it('shares the device with another page of the same link: neither loses what the other has not sent yet', async () => {
		const keep = memory();
		const kept = () => JSON.parse(keep.all.get('easy-corner /draft') ?? '{}') as unknown;
		const offline = new Autosave('/draft', keep, server(['down']).put);
		const { sent, put } = server([200]);
		const online = new Autosave('/draft', keep, put);
		offline.set({ stature: '164' });
		online.set({ heel: '2' });
		expect(kept()).toEqual({ stature: '164', heel: '2' });
		await vi.advanceTimersByTimeAsync(600);
		// The one that could send takes only its own off the device.
		expect(sent).toEqual([{ heel: '2' }]);
		expect(kept()).toEqual({ stature: '164' });
		// Both closed: whoever opens the link next has it.
		expect(new Autosave('/draft', keep, server(['down']).put).unsent).toEqual({ stature: '164' });
		offline.set({ stature: '16' });
		expect(kept()).toEqual({ stature: '16' });
	});

	it('bears a storage that is broken or refuses', () => {
		const broken = memory({ 'easy-corner /draft': '{"stature":' });
		expect(new Autosave('/draft', broken, server([200]).put).unsent).toEqual({});
		const refusing: SaveFields = {
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
