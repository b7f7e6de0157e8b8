import { describe, expect, it } from 'vitest';
import type { CaseRecord } from '$lib/core/cases/case-assessment/case-record';
import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
import { emptyFile } from '../../../../../tests/support/empty-file';
import { practiceLines } from './practice-words';

const on = (day: string) => day as CivilDate;

const answers = (over: Partial<CaseRecord['answers'][number]>): CaseRecord['answers'][number] => ({
	seq: 1,
	on: on('2026-03-02'),
	corner: null,
	signs: [],
	discomfort: [],
	findings: [],
	acknowledged: null,
	...over
});

describe('what is known about a case', () => {
	it('is of the newest answers, with what was fixed since left out, and says that nothing hurts', () => {
		const record = emptyFile({
			answers: [
				answers({ seq: 1, on: on('2026-01-05'), findings: [{ id: 'mouse-far', safety: false }] }),
				answers({
					seq: 4,
					findings: [
						{ id: 'glare', safety: false },
						{ id: 'chained-strips', safety: true }
					]
				})
			],
			ticks: [{ seq: 5, finding: 'glare', on: on('2026-03-03'), how: 'done' }]
		});
		const lines = practiceLines(record).join(' ');
		expect(lines).toContain('Answered on 2 March 2026. No discomfort.');
		expect(lines).toMatch(/Problems: .*strip/i);
		expect(lines).not.toMatch(/glare|mouse/i);
	});

	it('names what hurts, which a stored record has apart from the answers, and how it was before', () => {
		const report = (worst: number) =>
			[{ region: 'low-back', side: null, kinds: ['ache'], worst, days: 3, hinders: 'a-little' }] as const;
		const apart = (seq: number, day: string, worst: number) =>
			answers({ seq, on: on(day), findings: null, discomfort: [...report(worst)] });
		const record = emptyFile({
			answers: [
				apart(1, '2025-11-03', 2),
				apart(2, '2026-01-05', 4),
				answers({ seq: 3, discomfort: null }),
				apart(4, '2026-03-02', 7)
			]
		});
		const lines = practiceLines(record);
		expect(lines[1]).toMatch(/^Discomfort: low back 7 of 10, 3 of 7 days/);
		expect(lines[2]).toMatch(/^Before that, on 5 January 2026\. Discomfort: low back 4 of 10/);
		expect(lines.join(' ')).not.toMatch(/No discomfort|2 of 10/);
	});

	it('names every warning sign, however old, and what was recorded about it', () => {
		const record = emptyFile({
			answers: [answers({ on: on('2025-06-01'), signs: ['chest-pain'] }), answers({ seq: 6 })],
			checkIns: [
				{
					seq: 3,
					on: on('2025-07-01'),
					signs: ['new-weakness'],
					discomfort: null,
					undone: [],
					news: [],
					acknowledged: null
				}
			],
			outcomes: [{ seq: 4, on: on('2025-07-02'), of: ['new-weakness'] }]
		});
		expect(practiceLines(record).slice(0, 3)).toEqual([
			'Warning signs on 1 June 2025: pressure or pain in the chest.',
			'Warning signs on 1 July 2025: new weakness in an arm, hand, leg or foot.',
			'Outcome recorded on 2 July 2025: new weakness in an arm, hand, leg or foot.'
		]);
		// A check-in before the newest answers is over.
		expect(practiceLines(record).join(' ')).not.toContain('Check-in');
	});
});
