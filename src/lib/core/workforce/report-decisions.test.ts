import { describe, expect, it } from 'vitest';
import { NO_ACTIVITIES } from './report';
import type { ReportedPurchase, WorkforceReport } from './report';
import { shareFigure } from './figures';
import { costOf, decisionOutcomes, decisionsOf } from './report-decisions';

const bought = (over: Partial<ReportedPurchase>): ReportedPurchase => ({
	purchase: 'footrest',
	people: 12,
	cents: 3900,
	currency: 'EUR',
	...over
});

const REPORT: WorkforceReport = {
	format: 'easy-corner.report/2',
	from: '2026-07-01',
	to: '2026-09-30',
	people: 300,
	done: NO_ACTIVITIES,
	key: {
		answered: shareFigure(240, 300),
		hurts: null,
		found: null,
		open: shareFigure(90, 300)
	},
	regions: [],
	paired: { all: null, regions: [] },
	findings: [{ code: 'screen-too-low', figure: shareFigure(120, 300) }],
	gaps: [],
	associations: [],
	courses: [],
	times: { act: null, fix: null },
	purchases: [bought({}), bought({ purchase: 'chair', people: 5, cents: 24_000 })],
	teams: { answered: [{ team: 'Web shop', figure: shareFigure(10, 30) }], hurts: [] },
	quietTeams: ['Web shop'],
	helped: shareFigure(60, 300),
	before: null
};

describe('the decisions of a report', () => {
	it('have their amount, the people, whom it helps, and the smallest alternative', () => {
		const [buy, teams, time] = decisionsOf(REPORT);
		expect(buy).toMatchObject({
			kind: 'buy',
			cost: { cents: 12 * 3900 + 5 * 24_000, currency: 'EUR' },
			helped: { x: 60, of: 90 },
			cheapest: { purchase: 'footrest', people: 12 }
		});
		expect(teams).toMatchObject({ kind: 'teams', teams: [{ team: 'Web shop', figure: { x: 10 } }] });
		expect(time).toMatchObject({ kind: 'time', finding: 'screen-too-low' });
	});

	it('offer no alternative where only one thing has a price, and no cost where none has', () => {
		const unpriced = bought({ purchase: 'chair', cents: null, currency: null });
		const [buy] = decisionsOf({ ...REPORT, purchases: [bought({}), unpriced] });
		expect(buy).toMatchObject({ cheapest: null, cost: { cents: 12 * 3900 } });
		expect(costOf([unpriced])).toBeNull();
	});

	it('ask for nothing that the figures don’t ask for', () => {
		expect(decisionsOf({ ...REPORT, purchases: [], quietTeams: [], findings: [] })).toEqual([]);
	});

	it('are looked at again in the next report: what was decided, and the same figure then and now', () => {
		const now = {
			...REPORT,
			key: { ...REPORT.key, open: shareFigure(60, 300) },
			teams: { answered: [{ team: 'Web shop', figure: null }], hurts: [] }
		};
		const outcomes = decisionOutcomes(REPORT, { buy: { result: 'agreed', note: 'In two lots' } }, now);
		expect(outcomes.map(({ kind, about }) => [kind, about])).toEqual([
			['buy', null],
			['teams', 'Web shop'],
			['time', 'screen-too-low']
		]);
		expect(outcomes[0]).toMatchObject({
			decided: { result: 'agreed', note: 'In two lots' },
			then: { x: 90 },
			now: { x: 60 }
		});
		// A team that is too small by now isn't compared.
		expect(outcomes[1]).toMatchObject({ decided: { result: 'open' }, then: { x: 10 }, now: null });
	});
});
