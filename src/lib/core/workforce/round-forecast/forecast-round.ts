import { predictCount, type PredictedCount } from './predicted-count';
import {
	FORECAST_KINDS,
	FORECAST_WEEKS,
	invitedIn,
	weekShares,
	type ForecastKind,
	type WeeklyDelays
} from './weekly-delays';

/** With fewer earlier invitations nothing is forecast. Our assumption. */
export const LEAST_INVITATIONS = 30;

/**
 * Most people that earlier invitations count for, however many there were: rounds differ by season, text and team, and more of the old ones
 * doesn't make the next one surer. Our assumption.
 */
const MOST_WEIGHT = 200;

/** Minutes of work that each brings. Our assumption: reading an answer, a call with its note, reading a check-in. */
export const MINUTES_OF: Readonly<Record<ForecastKind, number>> = { answers: 4, calls: 15, checkIns: 3 };

/** A week after the first invitations. */
export type ForecastWeek = Readonly<Record<ForecastKind | 'hours', PredictedCount>>;

/** What a round is expected to bring. */
export interface RoundForecast {
	/** People who are invited, and earlier invitations from which it is forecast. */
	readonly people: number;
	readonly from: number;
	/** From the first week to the last one in which something is expected. */
	readonly weeks: readonly ForecastWeek[];
	readonly total: ForecastWeek;
}

const LEAST_EXPECTED = 1;

/** The work in hours. Its range takes what varies in each kind as independent of the others. */
function hoursOf(counts: Readonly<Record<ForecastKind, PredictedCount>>): PredictedCount {
	const hours = (of: (count: PredictedCount) => number) =>
		FORECAST_KINDS.map((kind) => (MINUTES_OF[kind] * of(counts[kind])) / 60);
	const expected = hours((count) => count.expected).reduce((sum, one) => sum + one, 0);
	const below = Math.hypot(...hours((count) => count.expected - count.low));
	const above = Math.hypot(...hours((count) => count.high - count.expected));
	return { low: Math.max(0, expected - below), expected, high: expected + above };
}

function withHours(counts: Readonly<Record<ForecastKind, PredictedCount>>): ForecastWeek {
	return { ...counts, hours: hoursOf(counts) };
}

/**
 * What a round will bring by week: answers, people who are called, and check-ins, from how long each took after earlier invitations.
 * @returns null where there are too few of those
 */
export function forecastRound(
	delays: Readonly<Record<ForecastKind, WeeklyDelays>>,
	people: number
): RoundForecast | null {
	const from = invitedIn(delays.answers);
	if (from < LEAST_INVITATIONS || people === 0) return null;
	const shares = FORECAST_KINDS.map((kind) => weekShares(delays[kind]));
	const all = Array.from({ length: FORECAST_WEEKS }, (_, week) =>
		ofKinds((i) => {
			const { share, seen } = shares[i]![week]!;
			return predictCount(people, share, Math.min(seen, MOST_WEIGHT));
		})
	);
	const last = all.findLastIndex((week) =>
		FORECAST_KINDS.some((kind) => week[kind].expected >= LEAST_EXPECTED)
	);
	const total = ofKinds((i) => {
		const share = shares[i]!.reduce((sum, week) => sum + week.share, 0);
		return predictCount(people, Math.min(share, 1), Math.min(from, MOST_WEIGHT));
	});
	return { people, from, weeks: all.slice(0, last + 1), total };
}

const ofKinds = (of: (index: number) => PredictedCount): ForecastWeek => {
	const [answers, calls, checkIns] = [of(0), of(1), of(2)];
	return withHours({ answers, calls, checkIns });
};

/** What came of a round: how many of each in each week, and how many weeks have begun. */
export type RoundOutcome = Readonly<Record<ForecastKind, readonly number[]>> & {
	readonly weeksBegun: number;
};

/** Whether a number that came lies within what was expected. */
export const isWithin = ({ low, high }: PredictedCount, came: number): boolean => came >= low && came <= high;
