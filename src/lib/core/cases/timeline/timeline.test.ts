import fc from 'fast-check';
import { describe, expect, it } from 'vitest';
import { countByGroup, timelineGroupOfAct, newestFirst, TIMELINE_GROUPS, type TimelineEntry } from './index';

const entry = (id: string, at: number, group: TimelineEntry['group'] = 'notes'): TimelineEntry => ({
	id,
	at: new Date(at),
	group,
	by: null,
	isPerson: false,
	event: { kind: 'note', text: id }
});

const entries = fc
	.array(fc.tuple(fc.integer({ min: 0, max: 9 }), fc.constantFrom(...TIMELINE_GROUPS)), { maxLength: 40 })
	.map((all) => all.map(([at, group], i) => entry(String(i), at, group)));

describe('the timeline', () => {
	it('is the newest first, loses nothing, and keeps what came at one moment as it came', () => {
		fc.assert(
			fc.property(entries, (all) => {
				const ordered = newestFirst(all);
				expect([...ordered].map(({ id }) => id).sort()).toEqual(all.map(({ id }) => id).sort());
				for (const [i, one] of ordered.entries()) {
					const next = ordered[i + 1];
					if (!next) continue;
					expect(Number(one.at)).toBeGreaterThanOrEqual(Number(next.at));
					if (Number(one.at) === Number(next.at)) expect(Number(one.id)).toBeLessThan(Number(next.id));
				}
			})
		);
	});

	it('is counted by group, all of it', () => {
		fc.assert(
			fc.property(entries, (all) => {
				const counts = countByGroup(all);
				for (const group of TIMELINE_GROUPS)
					expect(counts[group]).toBe(all.filter((one) => one.group === group).length);
			})
		);
	});

	it('has no line for an act whose words stand there, and one for every other', () => {
		for (const act of ['message-written', 'note-written', 'contact-recorded', 'referred', 'referral-ended'])
			expect(timelineGroupOfAct(act)).toBeNull();
		expect(timelineGroupOfAct('case-read')).toBe('looks');
		expect(timelineGroupOfAct('step-ticked')).toBe('plan');
		expect(timelineGroupOfAct('an act that is added later')).toBe('desk');
	});
});
