import { afterEach, beforeEach, describe, expect, it, vi } from 'vitest';
import { MemoryStorage } from '../../../../tests/support/memory-storage';
import { Draft } from './draft.svelte';
import { clearDeviceAnswers, storeAnswers, storedAnswers } from './stored-answers';

const ADDRESS = '/c/token/draft';

/** What the server has, as a device asks for it, and how it answers a save. */
function serve(server: { answers: Record<string, string>; revision: number }): void {
	vi.stubGlobal(
		'fetch',
		vi.fn((_: string, init?: RequestInit) => {
			if (!init?.method) return Promise.resolve(Response.json(server));
			const { fields } = JSON.parse(String(init.body)) as { fields: Record<string, string> };
			server.answers = { ...server.answers, ...fields };
			server.revision += 1;
			return Promise.resolve(Response.json({ revision: server.revision }));
		})
	);
}

const draft = (device: Storage | null, answers: Record<string, string> = {}, revision = 0) =>
	new Draft({ answers, revision }, 'upright', ADDRESS, device);

beforeEach(() => void vi.useFakeTimers());
afterEach(() => {
	vi.useRealTimers();
	vi.unstubAllGlobals();
});

describe('a draft', () => {
	it('shows what is typed at once, and tells the unit by it', () => {
		serve({ answers: {}, revision: 0 });
		const one = draft(null, { unit: 'cm' });
		one.set('stature', '164');
		expect(one.answers.stature).toBe('164');
		expect(one.unit).toBe('cm');
		one.setAll({ unit: 'in', heel: '1' });
		expect([one.unit, one.answers.heel]).toEqual(['in', '1']);
	});

	it('takes newer answers from the server and keeps its own that are not there yet', () => {
		serve({ answers: {}, revision: 0 });
		const one = draft(null, { stature: '160' }, 3);
		one.set('heel', '2');
		one.take({ answers: { stature: '164', heel: '1' }, revision: 4 });
		expect(one.answers).toEqual({ stature: '164', heel: '2' });
		// What is older is not taken.
		one.take({ answers: { stature: '150' }, revision: 2 });
		expect(one.answers.stature).toBe('164');
	});

	it('asks for what another device saved in between, as a gap in the numbers tells', async () => {
		const server = { answers: { stature: '164', sittingElbow: '23' }, revision: 5 };
		serve(server);
		const one = draft(null, { stature: '164' }, 3);
		one.set('heel', '2');
		await vi.advanceTimersByTimeAsync(600);
		expect(one.answers).toEqual({ stature: '164', sittingElbow: '23', heel: '2' });
	});

	it('opens a page that is older than what this device has seen with what it has seen', async () => {
		const device = new MemoryStorage();
		serve({ answers: {}, revision: 7 });
		const first = draft(device, {}, 7);
		first.set('stature', '164');
		await vi.advanceTimersByTimeAsync(600);
		expect(storedAnswers(device, ADDRESS)).toEqual({ answers: { stature: '164' }, revision: 8 });
		expect(draft(device, {}, 7).answers).toEqual({ stature: '164' });
		// And one that is newer with what it brings.
		expect(draft(device, { stature: '170' }, 9).answers).toEqual({ stature: '170' });
	});

	it('draws someone of a usual stature until theirs is known, and says nothing of them', () => {
		serve({ answers: {}, revision: 0 });
		const one = draft(null);
		expect(one.partial).toBeNull();
		expect(one.drawn.corner.person.stature).toBe(1680);
		expect(one.drawn.checks).toEqual([]);
		one.setAll({ unit: 'cm', stature: '164', heel: '1.5', surfaceHeight: '74', seatHeight: '45' });
		expect(one.drawn.corner.person.stature).toBe(1640);
		expect(one.drawn.checks.length).toBeGreaterThan(0);
	});

	it('takes what another device saves as soon as it is said, and not its own', async () => {
		const opened: { onmessage: ((event: { data: string }) => void) | null; close: () => void }[] = [];
		vi.stubGlobal(
			'EventSource',
			class {
				onmessage = null;
				close = vi.fn();
				constructor() {
					opened.push(this);
				}
			}
		);
		serve({ answers: { stature: '171' }, revision: 3 });
		const one = draft(null, {}, 2);
		const end = one.follow();
		opened[0]?.onmessage?.({ data: '{"revision":2}' });
		await vi.advanceTimersByTimeAsync(0);
		expect(one.answers).toEqual({});
		opened[0]?.onmessage?.({ data: '{"revision":3}' });
		await vi.advanceTimersByTimeAsync(0);
		expect(one.answers).toEqual({ stature: '171' });
		end();
		expect(opened[0]?.close).toHaveBeenCalled();
	});

	it('takes what it was told of while a save of its own was on its way, when that has come back', async () => {
		let tell = (_: { data: string }) => {};
		vi.stubGlobal(
			'EventSource',
			class {
				set onmessage(told: typeof tell) {
					tell = told;
				}
				close() {}
			}
		);
		const server = { answers: { stature: '171' }, revision: 3 };
		serve(server);
		const one = draft(null, { stature: '171' }, 3);
		one.follow();
		one.set('heel', '2');
		vi.advanceTimersByTime(500);
		// The own save is the fourth; another device has saved the fifth before its answer comes.
		server.answers = { ...server.answers, sittingElbow: '23' } as typeof server.answers;
		tell({ data: '{"revision":5}' });
		server.revision = 5;
		await vi.advanceTimersByTimeAsync(0);
		expect(one.answers).toMatchObject({ sittingElbow: '23', heel: '2' });
	});
});

describe('what a device keeps', () => {
	it('is not read where it is broken, and its loss stops nobody', () => {
		const device = new MemoryStorage();
		for (const broken of ['{', '[]', '7', 'null', '{"answers":{}}']) {
			device.setItem(`easy-corner answers ${ADDRESS}`, broken);
			expect(storedAnswers(device, ADDRESS)).toBeNull();
		}
		const full = new MemoryStorage();
		full.setItem = () => {
			throw new DOMException('full', 'QuotaExceededError');
		};
		storeAnswers(full, ADDRESS, { answers: {}, revision: 1 });
		expect(storedAnswers(null, ADDRESS)).toBeNull();
	});

	it('goes with a withdrawal, and nothing else does', async () => {
		const device = new MemoryStorage();
		storeAnswers(device, ADDRESS, { answers: { stature: '164' }, revision: 1 });
		device.setItem(`easy-corner ${ADDRESS}`, '{"heel":"1"}');
		device.setItem('easy-corner-screen-scale', '4');
		device.setItem('other', 'theirs');
		await clearDeviceAnswers(device);
		expect([device.length, device.getItem('other'), device.getItem('easy-corner-screen-scale')]).toEqual([
			2,
			'theirs',
			'4'
		]);
	});
});
