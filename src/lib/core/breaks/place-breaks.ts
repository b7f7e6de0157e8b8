/** A span of a day, minutes from midnight; the end is exclusive. */
export interface MinuteSpan {
	readonly from: number;
	readonly to: number;
}

/** What breaks of one kind are placed into. */
export interface BreakPlacementRequest {
	/** The working day. */
	readonly day: MinuteSpan;
	/** Spans in which work goes on and no break may fall. Disjoint and in order. */
	readonly blocked: readonly MinuteSpan[];
	/** Spans that are themselves a rest: work begins again at their end. Disjoint, in order, and clear of blocked spans. */
	readonly rests: readonly MinuteSpan[];
	/** Work time after which a break is due, min. */
	readonly everyMin: number;
	/** Length of a break, whole minutes. */
	readonly takesMin: number;
}

/** The breaks as placed. */
export interface PlacedBreaks {
	/** Start minutes, in order. */
	readonly starts: readonly number[];
	/** The longest work without a break, min: as short as possible, where it exceeds the interval. */
	readonly longestMin: number;
}

/** Spans in order, with touching and overlapping ones merged, clipped to a day. */
export function mergeSpans(spans: readonly MinuteSpan[], day: MinuteSpan): readonly MinuteSpan[] {
	const cut = spans
		.map(({ from, to }) => ({ from: Math.max(from, day.from), to: Math.min(to, day.to) }))
		.filter(({ from, to }) => to > from)
		.sort((a, b) => a.from - b.from);
	return cut.reduce<MinuteSpan[]>((all, span) => {
		const last = all.at(-1);
		if (!last || span.from > last.to) return [...all, span];
		return [...all.slice(0, -1), { from: last.from, to: Math.max(last.to, span.to) }];
	}, []);
}

/** Spans minus the parts that others take. */
export function subtractSpans(
	spans: readonly MinuteSpan[],
	others: readonly MinuteSpan[]
): readonly MinuteSpan[] {
	return others.reduce<readonly MinuteSpan[]>(
		(left, other) =>
			left.flatMap(({ from, to }) =>
				[
					{ from, to: Math.min(to, other.from) },
					{ from: Math.max(from, other.to), to }
				].filter((span) => span.to > span.from)
			),
		spans
	);
}

/** For each minute of the day, whether a break may begin there, and where the next rest begins. */
class Grid {
	readonly length: number;
	private readonly free: Uint8Array;
	private readonly nextRest: Int32Array;
	private readonly restEnd: Int32Array;

	constructor({ day, blocked, rests, takesMin }: BreakPlacementRequest) {
		this.length = day.to - day.from;
		const n = this.length + 1;
		const taken = new Uint8Array(n);
		this.nextRest = new Int32Array(n).fill(this.length);
		this.restEnd = new Int32Array(n).fill(-1);
		for (const { from, to } of [...blocked, ...rests]) taken.fill(1, from - day.from, to - day.from);
		for (const { from, to } of rests) this.restEnd[from - day.from] = to - day.from;
		for (let at = this.length - 1; at >= 0; at -= 1)
			this.nextRest[at] = (this.restEnd[at] ?? -1) >= 0 ? at : (this.nextRest[at + 1] ?? this.length);
		this.free = new Uint8Array(n);
		let run = 0;
		for (let at = this.length - 1; at >= 0; at -= 1) {
			run = taken[at] ? 0 : run + 1;
			this.free[at] = run >= takesMin ? 1 : 0;
		}
	}

	mayBegin = (at: number) => this.free[at] === 1;
	/** Where work from this minute on ends without a break: at the next rest or at the end of the day. */
	workEnds = (at: number) => this.nextRest[at] ?? this.length;
	/** The end of a rest that begins here; null where none does. */
	endOfRest = (at: number) => {
		const end = this.restEnd[at] ?? -1;
		return end >= 0 ? end : null;
	};
}

/** Whether the day can be worked without ever exceeding this stretch; computed backwards from the last minute. */
function isEnough(grid: Grid, longest: number, takes: number): boolean {
	const n = grid.length;
	const isGood = new Uint8Array(n + 1);
	isGood[n] = 1;
	for (let at = n - 1; at >= 0; at -= 1) {
		const end = grid.workEnds(at);
		if (end - at <= longest && isGood[grid.endOfRest(end) ?? n]) isGood[at] = 1;
		for (let start = Math.min(at + longest, end - takes); start > at && !isGood[at]; start -= 1)
			if (grid.mayBegin(start) && isGood[start + takes]) isGood[at] = 1;
	}
	return isGood[0] === 1;
}

/** The cost of the rest of a day: less is better, compared element by element. */
type Cost = readonly [overdue: number, breaks: number, squares: number];

const isLess = (a: Cost, b: Cost): boolean =>
	a[0] !== b[0] ? a[0] < b[0] : a[1] !== b[1] ? a[1] < b[1] : a[2] < b[2];

/**
 * The best placement with no stretch longer than this: the least work beyond the interval (by the sum of squares, so that one long meeting
 * does not make other stretches long), then the fewest breaks, then the most even ones.
 */
function best(grid: Grid, longest: number, { everyMin, takesMin }: BreakPlacementRequest): number[] {
	const n = grid.length;
	const costs: (Cost | null)[] = Array.from({ length: n + 1 }, () => null);
	const next = new Int32Array(n + 1).fill(-1);
	for (let at = n; at >= 0; at -= 1) {
		const end = grid.workEnds(at);
		let least: Cost | null = null;
		const offer = (begins: number, breaks: number, after: Cost | null, start: number) => {
			if (!after) return;
			const work = begins - at;
			const cost: Cost = [
				Math.max(0, work - everyMin) ** 2 + after[0],
				breaks + after[1],
				work ** 2 + after[2]
			];
			if (least && !isLess(cost, least)) return;
			least = cost;
			next[at] = start;
		};
		if (end - at <= longest) {
			const rested = grid.endOfRest(end);
			offer(end, 0, rested === null ? [0, 0, 0] : (costs[rested] ?? null), -1);
		}
		for (let start = at + 1; start <= Math.min(at + longest, end - takesMin); start += 1)
			if (grid.mayBegin(start)) offer(start, 1, costs[start + takesMin] ?? null, start);
		costs[at] = least;
	}
	const starts: number[] = [];
	let at = 0;
	while (at < n) {
		const start = next[at] ?? -1;
		if (start >= 0) {
			starts.push(start);
			at = start + takesMin;
		} else at = grid.endOfRest(grid.workEnds(at)) ?? n;
	}
	return starts;
}

/**
 * Places breaks of one kind: each after some work, none in a blocked span. The longest work without a break is as short as possible
 * (exactly; never shorter than the interval); elsewhere breaks come at the interval, as few and as even as possible. Cost: minutes of the
 * day times the longest stretch, some ten times over.
 */
export function placeBreaks(question: BreakPlacementRequest): PlacedBreaks {
	const { day, everyMin, takesMin } = question;
	if (day.to <= day.from) return { starts: [], longestMin: 0 };
	const grid = new Grid(question);
	let low = Math.min(everyMin, grid.length);
	let high = low;
	// Most days need little more than the interval: growing steps first, then bisection.
	for (let step = 1; !isEnough(grid, high, takesMin); step *= 2) {
		low = high + 1;
		high = Math.min(high + step, grid.length);
	}
	while (low < high) {
		const middle = Math.floor((low + high) / 2);
		if (isEnough(grid, middle, takesMin)) high = middle;
		else low = middle + 1;
	}
	const starts = best(grid, low, question);
	return { starts: starts.map((start) => start + day.from), longestMin: longestOf(question, starts) };
}

/**
 * The longest work without a break, min.
 * @param starts minutes from the beginning of the day
 */
function longestOf({ day, rests, takesMin }: BreakPlacementRequest, starts: readonly number[]): number {
	const pauses = mergeSpans(
		[...rests, ...starts.map((start) => ({ from: start + day.from, to: start + day.from + takesMin }))],
		day
	);
	return Math.max(0, ...subtractSpans([day], pauses).map(({ from, to }) => to - from));
}
