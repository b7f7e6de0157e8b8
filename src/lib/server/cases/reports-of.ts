import type { RegionReport } from '../../core/discomfort';

/** Something that was answered, with the discomfort that was told. */
interface Answered {
	readonly answeredAt: Date | null;
	readonly discomfort: readonly RegionReport[] | null;
}

/** Discomfort as it was reported, with answers and at check-ins, the oldest first. */
export function reportsOf({
	answers,
	checkIns
}: {
	readonly answers: readonly Answered[];
	readonly checkIns: readonly Answered[];
}) {
	return [...answers, ...checkIns]
		.flatMap(({ answeredAt, discomfort }) =>
			answeredAt && discomfort ? [{ at: answeredAt, discomfort }] : []
		)
		.sort((a, b) => Number(a.at) - Number(b.at));
}
