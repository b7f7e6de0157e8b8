import { describe, expect, it } from 'vitest';
import { emptyFile } from '../../../../../tests/support/empty-file';
import type { CivilDate } from '../../platform/calendar/civil-date';
import { SHIPPED_RULES } from '../../platform/rules/shipped-rules';
import { assessCaseRecord } from './assess-case-record';
import { readAssessmentResult } from './read-assessment-result';
import type { CaseRecord } from './case-record';
import { validateCaseRecord } from './validate-case-record';

const day = (n: number) => `2026-10-${String(n).padStart(2, '0')}` as CivilDate;

/** Someone whose answers of 1 October show a hazard and glare, and nothing else. */
const file = (over: Partial<CaseRecord> = {}) =>
	emptyFile({
		today: day(30),
		place: { country: null, region: null },
		answers: [
			{
				seq: 1,
				on: day(1),
				corner: null,
				signs: [],
				discomfort: [],
				findings: [
					{ id: 'chained-strips', safety: true },
					{ id: 'glare', safety: false }
				],
				acknowledged: null
			}
		],
		...over
	});
const tick = (seq: number, finding: string, how: 'done' | 'not-here' = 'done') => ({
	seq,
	finding,
	on: day(seq),
	how
});
const checkIn = (seq: number, undone: string[]) => ({
	seq,
	on: day(seq),
	signs: [],
	discomfort: null,
	undone,
	news: [],
	acknowledged: null
});
const judged = (over: Partial<CaseRecord> = {}) => assessCaseRecord(file(over), SHIPPED_RULES);
const codes = (over: Partial<CaseRecord> = {}) => judged(over).reasons.map(({ code, on }) => `${code} ${on}`);

describe('what answers show besides heights', () => {
	it('is open until it is ticked: a hazard is a reason of its own, the others are one', () => {
		expect(codes()).toEqual(['hazard 2026-10-01', 'findings 2026-10-01']);
		expect(judged()).toMatchObject({ level: 'soon', carriedOut: null, checkIn: '2026-10-29' });
		expect(judged().actions.map(({ act, what }) => `${act} ${what}`)).toEqual([
			'hazard chained-strips',
			'finding glare'
		]);
	});

	it('is carried out on the day of the last tick, from which check-ins are asked, also without a plan', () => {
		const ticks = [tick(2, 'chained-strips'), tick(5, 'glare')];
		expect(judged({ ticks })).toMatchObject({ level: 'done', carriedOut: day(5), checkIn: '2026-10-19' });
	});

	it('comes undone by a check-in that is later, and is done again by a later tick', () => {
		const ticks = [tick(2, 'chained-strips'), tick(3, 'glare')];
		const checkIns = [checkIn(9, ['chained-strips'])];
		expect(codes({ ticks, checkIns })).toEqual(['hazard 2026-10-09']);
		expect(codes({ ticks: [...ticks, tick(10, 'chained-strips')], checkIns })).toEqual([
			'nothing-open 2026-10-30'
		]);
	});

	it('stays a hazard where it is refused, marked so; anything else that can’t be done there is closed', () => {
		const ticks = [tick(2, 'chained-strips', 'not-here'), tick(3, 'glare', 'not-here')];
		expect(judged({ ticks }).reasons).toEqual([
			{ code: 'hazard', level: 'soon', on: day(1), finding: 'chained-strips', refused: true }
		]);
	});

	it('goes by the newest answers: what they no longer show is not open, and older ticks say nothing of them', () => {
		const [first] = file().answers;
		if (!first) throw new Error('A file with answers');
		const again = { ...first, seq: 20, on: day(20), findings: [{ id: 'glare', safety: false }] };
		const answers = [first, again];
		expect(codes({ answers, ticks: [tick(3, 'glare')] })).toEqual(['findings 2026-10-20']);
	});

	it('asks what is in the way three times at most after the same answers', () => {
		const checkIns = [checkIn(10, []), checkIn(15, [])];
		expect(judged({ checkIns }).checkIn).toBe('2026-11-12');
		expect(judged({ checkIns: [...checkIns, checkIn(20, [])] }).checkIn).toBeNull();
	});
});

describe('what was written by an earlier version', () => {
	it('is read: a file of version 1 in the order of its days, with the names of now', () => {
		const older = {
			format: 'easy-corner.file/1',
			today: '2026-10-30',
			place: { country: 'GB', region: null },
			answers: [
				{ on: '2026-10-01', corner: null, signs: ['with-weakness'], discomfort: null, acknowledged: null }
			],
			plan: {
				on: '2026-10-01',
				things: [{ thing: 'seat', done: '2026-10-03', undone: '2026-10-03' }]
			},
			measured: [],
			checkIns: [
				{
					on: '2026-10-01',
					signs: ['chest-pain'],
					discomfort: null,
					undone: [],
					news: [],
					acknowledged: null
				}
			],
			waiting: [{ what: 'question', since: '2026-10-02' }],
			outcomes: [{ on: '2026-10-01', of: ['with-weakness', 'severe'] }]
		};
		const read = validateCaseRecord(older);
		if (!read.ok) throw new Error(read.issue.text);
		const { answers, plan, checkIns, waiting, outcomes } = read.value;
		expect(answers[0]).toMatchObject({ seq: 1, signs: ['new-weakness'], findings: null });
		expect(plan).toMatchObject({ seq: 2, option: { kind: 'plan', things: null } });
		expect(checkIns[0]).toMatchObject({ seq: 3, signs: ['chest-pain'] });
		expect(outcomes[0]).toMatchObject({ seq: 4, of: ['new-weakness', 'severe'] });
		expect(plan?.things[0]).toMatchObject({ done: { seq: 5 }, undone: { seq: 6 } });
		expect(waiting).toEqual([{ what: 'message', since: '2026-10-02' }]);
		expect(validateCaseRecord({ ...older, surplus: 1 })).toMatchObject({
			ok: false,
			issue: { at: '/surplus' }
		});
	});

	it('is read: a assessment result of version 1 keeps what it said, under the names of now', () => {
		const { actions: _a, findings: _f, carriedOut: _c, ...rest } = judged();
		const read = readAssessmentResult({
			...rest,
			format: 'easy-corner.judgement/1',
			level: 'now',
			reasons: [
				{ code: 'professional-sign', level: 'clinician', on: day(1), sign: 'with-weakness' },
				{ code: 'request', level: 'help', on: day(2), what: 'question' },
				{ code: 'nothing-open', level: 'settled', on: day(3) }
			]
		});
		expect(read).toMatchObject({ level: 'emergency', actions: [], findings: [] });
		expect(read.reasons).toEqual([
			{ code: 'professional-sign', level: 'clinician', on: day(1), sign: 'new-weakness' },
			{ code: 'request', level: 'help', on: day(2), what: 'message' },
			{ code: 'nothing-open', level: 'done', on: day(3) }
		]);
	});
});
