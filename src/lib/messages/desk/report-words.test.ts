import { describe, expect, it } from 'vitest';
import { costOf } from '$lib/core/workforce/report-decisions';
import { NO_ACTIVITIES, type WorkforceReport } from '$lib/core/workforce/report';
import { reportRows, REPORT_COLUMNS } from '$lib/core/workforce/report-table';
import { dotStripOf, gatherMeans } from '$lib/core/workforce/dot-strip';
import type { PublishedShare } from '$lib/core/workforce/figures';
import { wilson } from '$lib/core/workforce/statistics/wilson';
import { differenceSentence, helpSentence, curveStepWords, timesSentence } from './help-words';
import { changedLines, decisionLines, outcomeWords, doneLines, standLines } from './report-words';
import { publishedShareOf, groupSizeOf, rowsByGroup } from '$lib/ui/workforce/table-rows';
import { signedNumber, pValueText, codeWords, groupWords } from './workforce-words';

const figure = (x: number, n: number): PublishedShare => ({ x, n, ...wilson(x, n) });
const changed = (estimate: number, p: number) => ({
	v: 0,
	p,
	estimate,
	low: estimate - 0.5,
	high: estimate + 0.5,
	counts: null
});

const REPORT: WorkforceReport = {
	format: 'easy-corner.report/1',
	from: '2026-07-01',
	to: '2026-09-30',
	people: 300,
	done: { asked: 310, answered: 240, dealtWith: 230, carriedOut: 120, arrived: null, referred: null },
	key: { answered: figure(240, 310), hurts: figure(120, 300), found: figure(90, 300), open: figure(40, 300) },
	regions: [{ code: 'neck', figure: figure(80, 300) }],
	paired: { all: null, regions: [] },
	findings: [{ code: 'keys-too-high', figure: figure(70, 300) }],
	gaps: [],
	associations: [
		{
			finding: 'screen-too-low',
			region: 'neck',
			shareWith: 0.5,
			shareWithout: 0.2,
			ratio: 2.5,
			low: 1.8,
			high: 3.4,
			p: 0.001,
			n: 300
		}
	],
	courses: [
		{ course: 'done', n: 100, change: changed(-2, 0.001) },
		{ course: 'not-done', n: 40, change: changed(0.1, 0.6) }
	],
	times: { act: null, fix: null },
	purchases: [
		{ purchase: 'footrest', people: 12, cents: 3990, currency: 'EUR' },
		{ purchase: 'chair', people: 6, cents: null, currency: null }
	],
	teams: {
		answered: [
			{ team: 'Law', figure: figure(30, 32) },
			{ team: 'Web shop', figure: figure(10, 33) },
			{ team: 'Press', figure: null }
		],
		hurts: []
	},
	before: {
		to: '2026-06-30',
		key: { answered: figure(120, 310), hurts: figure(125, 300), found: null, open: null }
	}
};

describe('the words of a report', () => {
	it('say how it stands and whether that differs from the report before', () => {
		const [answered, hurts, found] = standLines(REPORT);
		expect(answered).toContain('77% of people answered their latest self-assessment');
		expect(answered).toContain('At the end of June 2026 it was 39%');
		expect(answered).toContain('a clear difference');
		expect(hurts).toContain('no clear difference');
		expect(found).not.toContain('At the end of');
	});

	it('say what was done, and of too few that there were few', () => {
		expect(doneLines(REPORT)).toEqual([
			'At least 310 people were sent a self-assessment.',
			'At least 240 people answered.',
			'At least 230 people had their answers dealt with.',
			'At least 120 people carried out their plan.',
			'Fewer than five people received equipment or were referred to a clinician.'
		]);
		expect(doneLines({ ...REPORT, done: NO_ACTIVITIES })).toEqual([
			'In this period, no action concerned five people or more.'
		]);
	});

	it('say what changed with how sure that is, and no difference where none is shown', () => {
		const said = helpSentence(REPORT.courses);
		expect(said).toContain('100 people who carried out their plan');
		expect(said).toContain('about 2.0 points lower (95% interval −2.5 to −1.5)');
		expect(said).toContain('40 people who did not: no clear change');
		expect(helpSentence([])).toBe(
			'No result can be shown yet. With the plan carried out or without, fewer than five people have reported again.'
		);
		expect(changedLines(REPORT)).toHaveLength(2);
	});

	it('ask for what the figures ask for: things with their cost, the quiet team, what is off most, what goes with what', () => {
		expect(costOf(REPORT.purchases)).toEqual({ cents: 47_880, currency: 'EUR' });
		const [things, team, most, pair] = decisionLines(REPORT);
		expect(things).toBe(
			'Should we buy an adjustable footrest for 12 people and a chair with adjustable height for 6 people? Together, that costs €478.80.'
		);
		expect(team).toBe(
			'Should a manager speak to Web shop (30%)? Fewer people answer there than elsewhere (77% of everyone). Otherwise, they get another reminder.'
		);
		expect(most).toContain('The most common problem is “The keys are too high”, at 23% of workstations');
		expect(pair).toContain('report discomfort (neck) 2.5 times as often. This shows a link, not a cause.');
		const nothing = { ...REPORT, purchases: [], findings: [], associations: [] };
		expect(decisionLines({ ...nothing, teams: { answered: [], hurts: [] } })).toEqual([]);
	});

	it('say the difference that a plan makes for people who began alike, and in three parts how heights are', () => {
		const difference = { difference: -1.24, low: -1.9, high: -0.5, p: 0.001, n: 100, others: 40 };
		const newer: WorkforceReport = {
			...REPORT,
			format: 'easy-corner.report/2',
			difference,
			heights: {
				problem: figure(90, 300),
				well: figure(210, 300),
				unknown: figure(60, 300),
				fits: figure(150, 300)
			},
			quietTeams: ['Press']
		};
		expect(changedLines(newer)[1]).toBe(
			'For people who began with the same score, it fell by 1.2 points more with the plan carried out (95% interval −1.9 to −0.5).'
		);
		expect(differenceSentence({ ...difference, high: 0.4 })).toContain(
			'there is no clear difference (−1.2 points'
		);
		expect(standLines(newer).at(-1)).toBe('Everything fits for 50%. For 20%, it isn’t known yet.');
		expect(decisionLines(newer)[1]).toContain('Should a manager speak to Press?');
		const rows = reportRows(newer);
		expect(rows.find(([part, of]) => part === 'heights' && of === 'unknown')?.slice(2, 4)).toEqual([300, 60]);
		expect(rows.find(([part]) => part.startsWith('adjusted difference'))?.slice(2)).toEqual([
			140,
			null,
			-1.24,
			-1.9,
			-0.5,
			0.001
		]);
	});

	it('give a decision its effect, the people and the smallest alternative', () => {
		const priced: WorkforceReport = {
			...REPORT,
			helped: figure(25, 300),
			purchases: [
				{ purchase: 'footrest', people: 12, cents: 3990, currency: 'EUR' },
				{ purchase: 'chair', people: 6, cents: 24_000, currency: 'EUR' }
			]
		};
		const [buy] = decisionLines(priced);
		expect(buy).toContain('Together, that costs €1,918.80.');
		expect(buy).toContain(
			'It would help 25 of 40 people with a height problem that items at home can’t fix.'
		);
		expect(buy).toContain('The smallest step: an adjustable footrest for 12 people, €478.80.');
	});

	it('say what came of each decision: what was decided, and the figure then and now', () => {
		const decided = { result: 'agreed', note: 'In two lots' } as const;
		const [then, now] = [figure(90, 300), figure(60, 300)];
		expect(outcomeWords({ kind: 'buy', about: null, decided, then, now })).toBe(
			'Equipment. Agreed. “In two lots” Then 30%, now 20%.'
		);
		expect(
			outcomeWords({ kind: 'teams', about: '', decided: { result: 'open', note: '' }, then, now: null })
		).toBe('Answers in people without a team. Nothing was decided. Too few people to compare.');
		expect(
			outcomeWords({
				kind: 'time',
				about: 'screen-too-low',
				decided: { result: 'postponed', note: '' },
				then,
				now
			})
		).toBe('Working time for plans (“The screen is too low”). Postponed. Then 30%, now 20%.');
		expect(
			outcomeWords({ kind: 'first', about: 'glare', decided: { result: 'declined', note: '' }, then, now })
		).toContain('first. Declined. Then 30%, now 20%.');
	});

	it('have the five numbers of each month end in their data', () => {
		const point = {
			on: '2026-08-31',
			answered: figure(200, 300),
			heights: null,
			hurts: figure(120, 300),
			stands: null,
			openCents: 47_880
		};
		const rows = reportRows({ ...REPORT, trend: { points: [point], currency: 'EUR' } });
		const of = (part: string) => rows.find(([name, on]) => name === part && on === '2026-08-31');
		expect(of('month end: answered')?.slice(2, 4)).toEqual([300, 200]);
		expect(of('month end: problem')?.slice(2)).toEqual([null, null, null, null, null, null]);
		expect(of('month end: open, cents of EUR')?.[4]).toBe(47_880);
		expect(reportRows(REPORT).some(([part]) => part.startsWith('month end'))).toBe(false);
	});

	it('stand in the table of its data with every number', () => {
		const rows = reportRows(REPORT);
		for (const row of rows) expect(row).toHaveLength(REPORT_COLUMNS.length);
		const of = (part: string, name: string) => rows.find(([a, b]) => a === part && b === name);
		expect(of('done', 'arrived')?.[4]).toBeNull();
		expect(of('key', 'hurts')?.slice(2, 5)).toEqual([300, 120, 0.4]);
		expect(of('key of 2026-06-30', 'answered')?.[3]).toBe(120);
		expect(of('times as often', 'screen-too-low neck')?.slice(4)).toEqual([2.5, 1.8, 3.4, 0.001]);
		expect(of('to buy, cents of EUR', 'footrest')?.slice(2, 5)).toEqual([12, null, 3990]);
		expect(of('team: answered', 'Press')?.slice(2)).toEqual([null, null, null, null, null, null]);
	});
});

describe('the words of figures', () => {
	it('have signs, chances that can be read, and names of groups', () => {
		expect([signedNumber(-2.04), signedNumber(0), signedNumber(1.5)]).toEqual(['−2', '0', '+1.5']);
		expect([pValueText(0.0001), pValueText(0.0456)]).toEqual(['less than 0.001', '0.046']);
		expect(groupWords('team', '', {})).toBe('No team');
		expect(groupWords('country', 'PT', {})).toBe('Portugal');
		expect(groupWords('country', '', {})).toBe('Unknown country');
		expect(groupWords('round', 'a', { a: 'This autumn' })).toBe('This autumn');
		expect(groupWords('round', '', {})).toBe('Not part of a round');
		expect(groupWords('way', 'open', {})).toBe('Open');
		expect(groupWords('spot', 'sofa', {})).toBe('Sofa or armchair');
		expect(
			[codeWords('low-back'), codeWords('monitor'), codeWords('glare')].every((words) => /^[A-Z]/.test(words))
		).toBe(true);
	});

	it('tell times in days or weeks, and what fewer than half have', () => {
		expect(curveStepWords(1, { stepDays: 7, steps: 52 })).toBe('within a week');
		const curve = { pace: { stepDays: 1, steps: 90 }, n: 20, events: 8, open: 12, points: [], median: null };
		expect(timesSentence({ act: curve, fix: null })).toBe(
			'Fewer than half of all answers were dealt with within three months.'
		);
		expect(timesSentence({ act: { ...curve, median: 3 }, fix: null })).toBe(
			'Half of all answers were dealt with within 3 days.'
		);
		expect(timesSentence({ act: { ...curve, median: 0 }, fix: null })).toBe(
			'Half of all answers were dealt with on the same day.'
		);
		expect(timesSentence({ act: null, fix: null })).toBe('Too few people to show a result.');
	});

	it('of a group are the group’s, and stand the largest first with what is hidden last', () => {
		const table = {
			groups: ['a', 'b', 'c'],
			people: { all: 100, groups: [30, null, 40] },
			figures: [{ code: 'hurts', all: figure(50, 100), groups: [figure(10, 30), null, figure(20, 40)] }],
			rounds: {}
		};
		expect(publishedShareOf({ ...table, at: null }, 'hurts')?.x).toBe(50);
		expect(publishedShareOf({ ...table, at: 2 }, 'hurts')?.x).toBe(20);
		expect(publishedShareOf({ ...table, at: 1 }, 'hurts')).toBeNull();
		expect(publishedShareOf({ ...table, at: null }, 'other')).toBeNull();
		expect([groupSizeOf({ ...table, at: null }), groupSizeOf({ ...table, at: 1 })]).toEqual([100, null]);
		expect(rowsByGroup({ ...table, at: null }, 'team', 'hurts').map(({ key }) => key)).toEqual([
			'c',
			'a',
			'b'
		]);
	});
});

describe('a strip', () => {
	it('has marks of at least five, in order, whose means are those of the people', () => {
		for (let n = 0; n < 900; n += 37) {
			const values = gatherMeans(Array.from({ length: n }, (_, i) => ({ value: (i * 31) % 97, count: 1 })));
			const marks = dotStripOf(values);
			expect(marks).toHaveLength(Math.min(80, Math.floor(n / 5)));
			expect([...marks].sort((a, b) => a - b)).toEqual(marks);
			const total = values.reduce((sum, { value, count }) => sum + value * count, 0);
			// Each mark stands for the same number of people, plus or minus one.
			if (n >= 5 && n % marks.length === 0)
				expect(marks.reduce((sum, mark) => sum + mark, 0) / marks.length).toBeCloseTo(total / n, 8);
		}
		expect(dotStripOf([{ value: 3, count: 12 }])).toEqual([3, 3]);
	});
});
