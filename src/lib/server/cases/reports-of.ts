import type { RegionReport } from '../../core/cases/discomfort/report';

interface Answered {
	readonly answeredAt: Date | null;
	readonly discomfort: readonly RegionReport[] | null;
}

/** Discomfort reports from answers and check-ins, oldest first. */
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
