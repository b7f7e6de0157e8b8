import { describe, expect, it } from 'vitest';
import { emptyFile } from '../support/empty-file';
import type { RedFlag } from '$lib/core/cases/discomfort/red-flags';
import { addDays, type CivilDate } from '$lib/core/platform/calendar/civil-date';
import { reasonWords } from '$lib/messages/desk/triage-words';
import { SHIPPED_RULES } from '$lib/core/platform/rules/shipped-rules';
import { assessCaseRecord } from '$lib/core/cases/case-assessment/assess-case-record';
import type { CaseRecord } from '$lib/core/cases/case-assessment/case-record';

/** A Saturday: an emergency is for that very day, what is urgent for the Monday. */
const SATURDAY = '2026-11-21' as CivilDate;

const personWith = (signs: readonly RedFlag[], over: Partial<CaseRecord> = {}) =>
	emptyFile({
		today: SATURDAY,
		answers: [
			{ seq: 1, on: SATURDAY, corner: null, signs, discomfort: null, findings: null, acknowledged: null }
		],
		...over
	});

type Expected = readonly [
	who: string,
	signs: readonly RedFlag[],
	level: string,
	actBy: string,
	words: RegExp
];

/** By hand, from the table of signs: level and day by which someone acts, for one who answers on a Saturday in Great Britain. */
const PEOPLE: readonly Expected[] = [
	['pressure in the chest', ['chest-pain'], 'emergency', '2026-11-21', /^Emergency: .*chest/],
	['short of breath', ['sudden-breathlessness'], 'emergency', '2026-11-21', /^Emergency: .*breathing/],
	['a drooping face', ['sudden-one-sided-weakness'], 'emergency', '2026-11-21', /^Emergency: .*one side/],
	['the worst headache', ['sudden-worst-headache'], 'emergency', '2026-11-21', /^Emergency: .*headache/],
	['double vision', ['sudden-loss-of-sight'], 'emergency', '2026-11-21', /^Emergency: .*double vision/],
	['numb between the legs', ['saddle-numbness'], 'emergency', '2026-11-21', /^Emergency: .*between the legs/],
	['in distress', ['thoughts-of-ending-life'], 'emergency', '2026-11-21', /^Emergency: thoughts/],
	['a foot that drags', ['new-weakness'], 'urgent', '2026-11-23', /^Urgent today: new weakness/],
	['a swollen calf', ['one-calf-swollen'], 'urgent', '2026-11-23', /^Urgent today: one calf/],
	[
		'back pain with fever',
		['back-pain-with-fever'],
		'urgent',
		'2026-11-23',
		/^Urgent today: back pain with fever/
	],
	['clumsy hands', ['clumsy-hands'], 'urgent', '2026-11-23', /^Urgent today: clumsy hands/],
	['woken by tingling', ['wakes-at-night'], 'clinician', '2026-11-25', /^Needs a clinician: .*wakes/],
	['numb for good', ['numbness-stays'], 'clinician', '2026-11-25', /^Needs a clinician: .*stays/],
	['pain down a leg', ['runs-down-a-limb'], 'clinician', '2026-11-25', /^Needs a clinician: .*runs down/],
	['pain that stays', ['does-not-ease'], 'clinician', '2026-11-25', /^Needs a clinician: .*does not ease/],
	['a fall last week', ['after-injury'], 'clinician', '2026-11-25', /^Needs a clinician: .*injury/],
	['worst in bed', ['worst-at-night'], 'clinician', '2026-11-25', /^Needs a clinician: .*at night in bed/],
	['chest and calf', ['one-calf-swollen', 'chest-pain'], 'emergency', '2026-11-21', /^Emergency: .*chest/],
	[
		'calf and night',
		['wakes-at-night', 'one-calf-swollen'],
		'urgent',
		'2026-11-23',
		/^Urgent today: one calf/
	],
	['everything for a clinician', ['wakes-at-night', 'after-injury'], 'clinician', '2026-11-25', /injury/],
	['distress and back', ['thoughts-of-ending-life', 'worst-at-night'], 'emergency', '2026-11-21', /thoughts/]
];

describe('someone with', () => {
	it.each(PEOPLE)(
		'%s has the level, the day and the words of the table',
		(_who, signs, level, actBy, words) => {
			const assessmentResult = assessCaseRecord(personWith(signs), SHIPPED_RULES);
			expect(assessmentResult).toMatchObject({ level, actBy });
			expect(assessmentResult.reasons).toHaveLength(signs.length);
			const [first] = assessmentResult.reasons;
			expect(first && reasonWords(first, assessmentResult)).toMatch(words);
		}
	);

	it('an emergency that they say was a slip, was seen to, or is over stays one at the desk, which is told which and when', () => {
		for (const [how, words] of [
			['mistake', /They said on .*: they tapped it by mistake$/],
			['seen', /They said on .*: a doctor or emergency service has seen them$/],
			['safe-now', /They said on .*: they’re safe now/]
		] as const) {
			const on = addDays(SATURDAY, 1);
			const lifted = personWith(['chest-pain'], { lifted: [{ seq: 2, on, of: 'chest-pain', how }] });
			const assessmentResult = assessCaseRecord(lifted, SHIPPED_RULES);
			expect(assessmentResult).toMatchObject({ level: 'emergency', actBy: '2026-11-21' });
			const [reason] = assessmentResult.reasons;
			expect(reason).toMatchObject({ lifted: { on, how } });
			expect(reason && reasonWords(reason, assessmentResult)).toMatch(words);
		}
	});

	it('a new yes after a lift is open again without it; an outcome of one sign leaves the others', () => {
		const twice = personWith(['chest-pain', 'clumsy-hands'], {
			lifted: [{ seq: 2, on: SATURDAY, of: 'chest-pain', how: 'mistake' }],
			checkIns: [
				{
					seq: 3,
					on: SATURDAY,
					signs: ['chest-pain'],
					discomfort: null,
					undone: [],
					news: [],
					acknowledged: null
				}
			]
		});
		expect(assessCaseRecord(twice, SHIPPED_RULES).reasons[0]).not.toHaveProperty('lifted');
		const seen = { ...twice, outcomes: [{ seq: 4, on: SATURDAY, of: ['chest-pain'] as const }] };
		expect(assessCaseRecord(seen, SHIPPED_RULES)).toMatchObject({ level: 'urgent', actBy: '2026-11-23' });
	});

	it('weakness in a report is urgent whatever its score; a message waits one working day', () => {
		const weak = {
			region: 'wrist-hand',
			side: 'right',
			worst: 1,
			days: 1,
			hinders: 'no',
			kinds: ['weakness']
		} as const;
		const reported = personWith([]);
		const [answers] = reported.answers;
		const file = answers ? { ...reported, answers: [{ ...answers, discomfort: [weak] }] } : reported;
		expect(assessCaseRecord(file, SHIPPED_RULES)).toMatchObject({ level: 'urgent', actBy: '2026-11-23' });
		const waiting = [{ what: 'message', since: SATURDAY }] as const;
		expect(assessCaseRecord(personWith([], { waiting }), SHIPPED_RULES)).toMatchObject({
			level: 'help',
			actBy: '2026-11-23'
		});
	});
});
