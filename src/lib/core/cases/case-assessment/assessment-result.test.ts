import { describe, expect, it } from 'vitest';
import { readFileSync } from 'node:fs';
import { emptyFile } from '../../../../../tests/support/empty-file';
import { randomFile } from '../../../../../tests/support/random-file';
import { parseCivilDate, type CivilDate } from '../../platform/calendar/civil-date';
import type { Corner } from '../../workstation/corner/corner';
import { checkCorner } from '../../workstation/checks/check-corner';
import type { RegionReport } from '../discomfort/report';
import { planCorner } from '../../plan/plan-corner';
import { SHIPPED_RULES } from '../../platform/rules/shipped-rules';
import { compileSchema } from '../../platform/schema/compile-schema';
import { TRIAGE_LEVELS, isMoreUrgent } from '../triage/policy';
import { assessCaseRecord } from './assess-case-record';
import { assessmentResultSchema } from './assessment-result-schema';
import { CLOSABLE, CLOSED_BY_OUTCOME } from './vocabulary';
import { planHeightsOf } from './plan-heights';
import type { CaseRecord } from './case-record';
import type { TriageReason } from './assessment-result';
import { validateCaseRecord } from './validate-case-record';

const day = (text: string): CivilDate => {
	const read = parseCivilDate(text);
	if (!read) throw new RangeError(text);
	return read;
};
const corner = JSON.parse(readFileSync('tests/data/corners/short-person-high-table.json', 'utf8')) as Corner;
const sore = (worst: number, over: Partial<RegionReport> = {}): RegionReport => ({
	region: 'neck',
	side: null,
	worst,
	days: worst === 0 ? 0 : 3,
	hinders: 'no',
	kinds: ['ache'],
	...over
});
const empty = emptyFile();
/** Places in time by the day, as a file of version 1 had them; what a test is about says its own. */
const seqOf = (on: string, within = 0) => Math.round(Date.parse(on) / 86_400_000) * 10 + within;
const done = (on: string) => ({ seq: seqOf(on, 2), on: day(on) });
const outcome = (on: string, of: CaseRecord['outcomes'][number]['of']) => ({
	seq: seqOf(on, 8),
	on: day(on),
	of
});
const planOf = (
	on: string,
	things: NonNullable<CaseRecord['plan']>['things'],
	heights: Partial<NonNullable<CaseRecord['plan']>> = {}
): NonNullable<CaseRecord['plan']> => ({
	seq: seqOf(on, 1),
	on: day(on),
	option: { kind: 'plan', things: things.length },
	...planHeightsOf(null, null),
	...heights,
	things
});
const answered = (on: string, over: Partial<CaseRecord['answers'][number]> = {}) => ({
	seq: seqOf(on),
	on: day(on),
	corner: null,
	signs: [],
	discomfort: null,
	findings: [],
	acknowledged: null,
	...over
});
const checkedIn = (on: string, over: Partial<CaseRecord['checkIns'][number]> = {}) => ({
	seq: seqOf(on, 4),
	on: day(on),
	signs: [],
	discomfort: null,
	undone: [],
	news: [],
	acknowledged: null,
	...over
});

const judged = (over: Partial<CaseRecord>) => assessCaseRecord({ ...empty, ...over }, SHIPPED_RULES);
const codes = (over: Partial<CaseRecord>) => judged(over).reasons.map(({ code, on }) => `${code} ${on}`);

describe('a assessment result', () => {
	it('is a document of its format, and the same when made twice', () => {
		const check = compileSchema(assessmentResultSchema);
		for (let seed = 1; seed <= 60; seed += 1) {
			const file = randomFile(seed);
			const assessmentResult = assessCaseRecord(file, SHIPPED_RULES);
			expect(check(JSON.parse(JSON.stringify(assessmentResult)))).toMatchObject({ ok: true });
			expect(assessCaseRecord(file, SHIPPED_RULES)).toEqual(assessmentResult);
		}
	});

	it('is never lowered by a later answer: an open sign stays until its outcome', () => {
		const grave = (reasons: readonly TriageReason[]) =>
			reasons.filter(
				({ code, sign }) => sign !== undefined || CLOSED_BY_OUTCOME.some((closable) => closable === code)
			);
		for (let seed = 1; seed <= 300; seed += 1) {
			const file = randomFile(seed);
			const before = assessCaseRecord(file, SHIPPED_RULES);
			const last = { ...answered(file.today, { discomfort: [] }), seq: 1e6 };
			const later = { ...file, answers: [...file.answers, last] };
			const after = assessCaseRecord(later, SHIPPED_RULES);
			// What only stays open while the plan's newest report says so is the newest report's to change.
			const stays = grave(before.reasons).filter(({ code }) => code !== 'not-better');
			expect(after.reasons).toEqual(expect.arrayContaining(stays));
			if (stays.length > 0 && before.level === stays[0]?.level)
				expect(isMoreUrgent(before.level, after.level)).toBe(false);
		}
	});

	it('keeps an emergency over a newer, empty answer, and lets an outcome alone close it', () => {
		const twice = [
			answered('2026-11-02', { signs: ['chest-pain'] }),
			answered('2026-11-10', { discomfort: [] })
		];
		expect(judged({ answers: twice }).level).toBe('emergency');
		const of = ['chest-pain'] as const;
		expect(judged({ answers: twice, outcomes: [outcome('2026-11-01', of)] }).level).toBe('emergency');
		expect(judged({ answers: twice, outcomes: [outcome('2026-11-02', of)] }).level).toBe('done');
		expect(
			judged({ answers: [...twice].reverse(), outcomes: [outcome('2026-11-02', ['severe'])] }).level
		).toBe('emergency');
	});

	it('hears weakness and lasting tingling in a report, whatever the score', () => {
		const wrist = { region: 'wrist-hand', side: 'right' } as const;
		const say = (r: Partial<RegionReport>, worst = 3) =>
			codes({ answers: [answered('2026-11-02', { discomfort: [sore(worst, { ...wrist, ...r })] })] });
		expect(say({ kinds: ['weakness'], days: 1 }, 1)).toContain('reported-weakness 2026-11-02');
		expect(say({ kinds: ['tingling-or-numbness'], days: 7 })).toContain('reported-tingling 2026-11-02');
		expect(say({ kinds: ['tingling-or-numbness'], days: 1 }, 4)).toContain('reported-tingling 2026-11-02');
		expect(say({ kinds: ['tingling-or-numbness'], days: 3 })).toEqual(['nothing-open 2026-11-25']);
	});

	it('says which regions a reason rests on', () => {
		const { evidence } = judged({
			answers: [answered('2026-11-02', { discomfort: [sore(8), sore(5, { region: 'eyes' })] })]
		});
		expect(evidence.severe).toEqual([sore(8)]);
		expect(evidence.moderate).toBeUndefined();
	});

	it('names the day on which time alone changes it', () => {
		const plan = planOf('2026-11-02', [{ thing: 'seat', done: null, undone: null }]);
		const before = judged({ today: day('2026-11-20'), plan });
		expect(before).toMatchObject({
			level: 'home',
			changesOn: '2026-11-30',
			plan: { remindOn: '2026-11-16' }
		});
		expect(judged({ today: day('2026-11-29'), plan }).reasons).toEqual(before.reasons);
		expect(judged({ today: day('2026-11-30'), plan })).toMatchObject({ level: 'help', changesOn: null });
	});

	it('asks how it holds 14 and 42 days after the last thing was done', () => {
		const answers = [answered('2026-09-01')];
		const plan = planOf('2026-09-01', [
			{ thing: 'seat', done: done('2026-09-02'), undone: null },
			{ thing: 'feet', done: done('2026-09-04'), undone: null }
		]);
		// 18 September 2026 is a Friday, 16 October too.
		expect(judged({ answers, plan }).checkIn).toBe('2026-09-18');
		expect(judged({ answers, plan, checkIns: [checkedIn('2026-09-11')] }).checkIn).toBe('2026-10-16');
		expect(judged({ answers, plan, checkIns: [checkedIn('2026-10-10')] }).checkIn).toBeNull();
		const undone = judged({ answers, plan, checkIns: [checkedIn('2026-09-18', { undone: ['feet'] })] });
		expect(undone).toMatchObject({
			// 28 days after what was heard last: 16 October 2026 is a Friday.
			checkIn: '2026-10-16',
			level: 'home',
			plan: { done: 1, of: 2, carriedOut: null }
		});
	});
});

describe('the corner as it is now', () => {
	const best = planCorner(corner, 1).plans[0];
	const on = '2026-11-02';
	const answers = [answered(on, { corner })];
	const names = ['surface', 'seat', 'feet', 'keys', 'mouse', 'screen'] as const;
	const heights = planHeightsOf(corner, best ?? null);
	const withDone = (
		built: readonly (typeof names)[number][],
		over: Partial<CaseRecord> = {},
		softs = heights.rises.softs
	) =>
		judged({
			answers,
			plan: planOf(
				on,
				names.map((thing) => ({
					thing,
					done: built.includes(thing) ? done('2026-11-03') : null,
					undone: null
				})),
				{ ...heights, rises: { ...heights.rises, softs } }
			),
			...over
		});

	it('is as answered at first, and as the plan’s best leaves it once everything is done', () => {
		expect(withDone([]).first).toEqual(checkCorner(corner));
		expect(withDone([]).standing).toEqual(checkCorner(corner));
		expect(withDone(names).standing).toEqual(best?.after);
		// Each soft piece gives as it likes: the same values, less surely.
		const [soft, hard] = [withDone(names), withDone(names, {}, 0)].map(({ standing }) =>
			standing.find(({ id }) => id === 'knee')
		);
		expect(soft?.value).toBe(hard?.value);
		expect(heights.rises.softs).toBeGreaterThan(0);
		expect(soft?.sd).toBeCloseTo(Math.hypot(hard?.sd ?? 0, 10 * Math.sqrt(heights.rises.softs)), 9);
		expect(withDone(names).first).toEqual(checkCorner(corner));
	});

	it('goes step by step, and back exactly', () => {
		const value = (j: ReturnType<typeof withDone>, id: string) =>
			j.standing.find((c) => c.id === id)?.value ?? 0;
		const rise = best?.stations.feet.rise ?? 0;
		expect(rise).toBeGreaterThan(0);
		expect(value(withDone(['feet']), 'knee')).toBe(value(withDone([]), 'knee') - rise);
		const undone = withDone(names, { checkIns: [checkedIn('2026-11-20', { undone: ['feet'] })] });
		expect(value(undone, 'knee')).toBe(value(withDone(names), 'knee') + rise);
	});

	it('is as measured from the day it was measured, until it is done again or comes undone', () => {
		const seat = (measured: string, over: Partial<CaseRecord> = {}) =>
			withDone(names, {
				measured: [{ seq: seqOf(measured, 5), on: day(measured), lengths: { seat: 470 } }],
				...over
			}).standing;
		const planned = withDone(names).standing;
		expect(seat('2026-11-03')).not.toEqual(planned);
		expect(seat('2026-11-02')).toEqual(planned);
		const fallen = { checkIns: [checkedIn('2026-11-10', { undone: ['seat'] as const })] };
		expect(seat('2026-11-05', fallen)).toEqual(withDone(names.filter((n) => n !== 'seat')).standing);
	});
});

describe('a file', () => {
	const at = (value: unknown) => {
		const checked = validateCaseRecord(value);
		return checked.ok ? null : checked.issue.at;
	};

	it('is refused with the place of the fault', () => {
		expect(at(empty)).toBeNull();
		expect(at({ ...empty, today: '2026-02-30' })).toBe('/today');
		expect(at({ ...empty, today: '0000-01-01' })).toBe('/today');
		expect(at({ ...empty, waiting: [{ what: 'equipment', since: '9999-12-31' }] })).toBe('/waiting/0/since');
		expect(at({ ...empty, surplus: 1 })).toBe('/surplus');
		expect(at({ ...empty, outcomes: [{ ...outcome('2026-11-01', []), of: ['moderate'] }] })).toBe(
			'/outcomes/0/of/0'
		);
		const twice = { thing: 'seat', done: null, undone: null } as const;
		expect(at({ ...empty, plan: planOf('2026-11-01', [twice, twice]) })).toBe('/plan/things/1/thing');
		expect(at({ ...empty, answers: [answered('2026-11-01', { discomfort: [sore(3, { days: 0 })] })] })).toBe(
			'/answers/0/discomfort/0/days'
		);
		expect(at({ ...empty, answers: [{ ...answered('2026-11-01'), corner: { format: 'x' } }] })).toMatch(
			/^\/answers\/0\/corner\//
		);
	});

	it('names what an outcome can close, and nothing else', () => {
		expect(new Set(CLOSABLE).size).toBe(CLOSABLE.length);
		expect(TRIAGE_LEVELS).toHaveLength(7);
	});
});
