import { afterEach, describe, expect, it, vi } from 'vitest';
import { randomCorner } from '../../../../tests/support/random-corner';
import { checkCorner } from '$lib/core/workstation/checks/check-corner';
import { PlanVisit, type PlanPageData } from './plan-visit.svelte';

const corner = randomCorner(3, { rigid: 4, soft: 2, span: 0 });

const PAGE: PlanPageData = {
	token: 'abc',
	planId: 'first',
	acts: [],
	findings: [],
	measureNext: null,
	corner,
	before: checkCorner(corner),
	offers: [],
	ladder: [],
	plans: [],
	laptop: null,
	worked: 0,
	shown: 0,
	steps: [],
	ticks: {},
	standing: null,
	again: null,
	unit: 'cm',
	drawnAs: 'standard'
};

afterEach(() => vi.unstubAllGlobals());

describe('a visit to the plan', () => {
	it('sends what was measured after the ticks that were made before it, however slow these are', async () => {
		const sent: string[] = [];
		let answerTicks = (_: Response) => {};
		vi.stubGlobal('fetch', (address: string) => {
			sent.push(address);
			if (!address.endsWith('/draft')) return Promise.resolve(Response.json({}));
			return new Promise<Response>((resolve) => (answerTicks = resolve));
		});
		const visit = new PlanVisit(
			() => PAGE,
			null,
			() => {}
		);
		visit.tick('seat', true);
		visit.keepAgain({ seatUnder: '48.9' });
		await vi.waitFor(() => expect(sent).toEqual(['/c/abc/draft']));
		answerTicks(Response.json({ revision: 1 }));
		await vi.waitFor(() => expect(sent).toEqual(['/c/abc/draft', '/c/abc/again']));
		// As the page goes away nothing is waited for.
		visit.tick('seat', false);
		visit.keepAgain({ seatUnder: '47.9' });
		visit.leave();
		expect(sent.slice(2)).toEqual(expect.arrayContaining(['/c/abc/draft', '/c/abc/again']));
	});
});
