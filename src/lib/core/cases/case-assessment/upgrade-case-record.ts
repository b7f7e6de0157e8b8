import type { CivilDate } from '../../platform/calendar/civil-date';
import { planCorner } from '../../plan/plan-corner';
import type { CaseRecordV1 } from './case-record-v1-schema';
import type { CaseRecord } from './case-record';
import { planHeightsOf } from './plan-heights';
import { redFlagNamed, type RedFlag } from '../discomfort/red-flags';
import { CLOSED_BY_OUTCOME, type Closable } from './vocabulary';

/** The order of entries within one day: version 1 recorded days only. */
const WITHIN_A_DAY = ['answers', 'plan', 'done', 'undone', 'checkIns', 'measured', 'outcomes'] as const;

/** Gives every entry of a version 1 record its position in time. */
class Places {
	readonly #keys = new Map<object, [string, number]>();

	/** @param entry an object of its own, by which its place is asked for again */
	add(entry: object, on: CivilDate, kind: (typeof WITHIN_A_DAY)[number]): void {
		this.#keys.set(entry, [on, WITHIN_A_DAY.indexOf(kind)]);
	}

	/** The position of each entry, from 1. */
	all(): Map<object, number> {
		// Sorting is stable: entries of one kind and day keep the order of the record.
		const sorted = [...this.#keys].sort(([, [a, m]], [, [b, n]]) => (a < b ? -1 : a > b ? 1 : m - n));
		return new Map(sorted.map(([entry], i) => [entry, i + 1]));
	}
}

const signsOf = (signs: readonly string[]) =>
	signs.map(redFlagNamed).filter((sign): sign is RedFlag => sign !== null);

function closableNamed(of: string): Closable | null {
	return CLOSED_BY_OUTCOME.find((code) => code === of) ?? redFlagNamed(of);
}

/** Reads a case record of version 1: ordered by its days, without findings, and with the plan as solved today. */
export function upgradeCaseRecord(file: CaseRecordV1): CaseRecord {
	const places = new Places();
	for (const one of file.answers) places.add(one, one.on, 'answers');
	for (const one of file.checkIns) places.add(one, one.on, 'checkIns');
	for (const one of file.measured) places.add(one, one.on, 'measured');
	for (const one of file.outcomes) places.add(one, one.on, 'outcomes');
	const marks = (file.plan?.things ?? []).map(({ thing, done, undone }) => ({
		thing,
		done: done && { on: done },
		undone: undone && { on: undone }
	}));
	if (file.plan) places.add(file.plan, file.plan.on, 'plan');
	for (const { done, undone } of marks) {
		if (done) places.add(done, done.on, 'done');
		if (undone) places.add(undone, undone.on, 'undone');
	}
	const all = places.all();
	const placed = <T extends { readonly on: CivilDate }>(one: T) => ({ seq: all.get(one) ?? 0, on: one.on });
	const corner = file.answers.filter((a) => a.corner !== null).at(-1)?.corner ?? null;
	const best = (file.plan && corner && planCorner(corner, 1).plans[0]) ?? null;
	return {
		format: 'easy-corner.file/2',
		today: file.today,
		place: file.place,
		answers: file.answers.map((one) => ({
			...one,
			...placed(one),
			signs: signsOf(one.signs),
			findings: one.corner === null ? null : []
		})),
		plan: file.plan && {
			...placed(file.plan),
			option: { kind: 'plan', things: null },
			...planHeightsOf(corner, best),
			things: marks.map(({ thing, done, undone }) => ({
				thing,
				done: done && placed(done),
				undone: undone && placed(undone)
			}))
		},
		ticks: [],
		measured: file.measured.map((one) => ({ ...one, ...placed(one) })),
		checkIns: file.checkIns.map((one) => ({
			...one,
			...placed(one),
			signs: signsOf(one.signs),
			undone: [...one.undone]
		})),
		lifted: [],
		waiting: file.waiting.map(({ what, since }) => ({ what: what === 'question' ? 'message' : what, since })),
		outcomes: file.outcomes.map((one) => ({
			...placed(one),
			of: one.of.flatMap((of) => closableNamed(of) ?? [])
		}))
	};
}
