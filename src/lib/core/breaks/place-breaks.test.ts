import { describe, expect, it } from 'vitest';
import { Dice } from '../../../../seed/random';
import {
	mergeSpans,
	placeBreaks,
	subtractSpans,
	type BreakPlacementRequest,
	type MinuteSpan
} from './place-breaks';

/** Work between pauses, min. */
const stretches = ({ day, rests, takesMin }: BreakPlacementRequest, starts: readonly number[]) =>
	subtractSpans(
		[day],
		mergeSpans([...rests, ...starts.map((from) => ({ from, to: from + takesMin }))], day)
	).map(({ from, to }) => to - from);

const overlap = (a: MinuteSpan, b: MinuteSpan) => a.from < b.to && b.from < a.to;

/** How good breaks are: the longest stretch, work beyond what they are to be apart, how many, how even. */
function worthOf(question: BreakPlacementRequest, starts: readonly number[]) {
	const { day, everyMin } = question;
	const all = stretches(question, starts);
	return {
		longest: Math.max(Math.min(everyMin, day.to - day.from), ...all),
		overdue: all.reduce((sum, one) => sum + Math.max(0, one - everyMin) ** 2, 0),
		count: starts.length,
		squares: all.reduce((sum, one) => sum + one ** 2, 0)
	};
}

/** Every way to place breaks, tried: the first of those that differs decides. */
function byTrying(question: BreakPlacementRequest): ReturnType<typeof worthOf> {
	const { day, blocked, rests, takesMin } = question;
	let best = { longest: Infinity, overdue: Infinity, count: Infinity, squares: Infinity };
	const go = (from: number, starts: readonly number[]) => {
		const found = worthOf(question, starts);
		const [a, b] = [Object.values(found), Object.values(best)];
		const at = a.findIndex((value, i) => value !== b[i]);
		if (at >= 0 && (a[at] ?? 0) < (b[at] ?? 0)) best = found;
		for (let start = from; start + takesMin <= day.to; start += 1) {
			const span = { from: start, to: start + takesMin };
			// A break follows some work: none begins the day, or another.
			const follows = [...rests, ...starts.map((one) => ({ from: one, to: one + takesMin }))];
			const hasWork = start > day.from && !follows.some(({ to }) => to === start);
			if (hasWork && ![...blocked, ...rests].some((other) => overlap(other, span)))
				go(start + takesMin, [...starts, start]);
		}
	};
	go(day.from, []);
	return best;
}

describe('breaks placed in a day', () => {
	const dice = new Dice(20_261_126);
	const days = Array.from({ length: 300 }, (): BreakPlacementRequest => {
		const day = { from: 540, to: 540 + dice.int(6, 17) };
		const span = (): MinuteSpan => {
			const from = dice.int(day.from, day.to - 1);
			return { from, to: from + dice.int(1, 5) };
		};
		const blocked = mergeSpans(Array.from({ length: dice.int(0, 2) }, span), day);
		const rests = mergeSpans(subtractSpans(Array.from({ length: dice.int(0, 1) }, span), blocked), day);
		return { day, blocked, rests, everyMin: dice.int(2, 6), takesMin: dice.int(1, 2) };
	});

	it('are as good as any, tried out on 300 small days: the longest stretch, how many, how even', () => {
		for (const question of days) {
			const { starts, longestMin } = placeBreaks(question);
			expect(worthOf(question, starts), JSON.stringify(question)).toEqual(byTrying(question));
			const all = stretches(question, starts);
			expect(longestMin).toBe(Math.max(0, ...all));
			for (const start of starts)
				for (const other of [...question.blocked, ...question.rests])
					expect(overlap(other, { from: start, to: start + question.takesMin })).toBe(false);
		}
	});

	it('are none where there is nothing to break', () => {
		const day = { from: 540, to: 540 };
		expect(placeBreaks({ day, blocked: [], rests: [], everyMin: 30, takesMin: 3 })).toEqual({
			starts: [],
			longestMin: 0
		});
		const short = { from: 540, to: 560 };
		expect(placeBreaks({ day: short, blocked: [], rests: [], everyMin: 30, takesMin: 3 }).starts).toEqual([]);
		// A day that is one meeting: no break falls into it, and the stretch is as long as it is.
		expect(placeBreaks({ day: short, blocked: [short], rests: [], everyMin: 5, takesMin: 1 })).toEqual({
			starts: [],
			longestMin: 20
		});
	});
});
