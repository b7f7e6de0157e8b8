import type { CivilDate } from '../calendar';
import type { RegionReport } from '../discomfort';
import { worstOf } from '../discomfort';
import type { PersonFile } from './file';

/** A report of discomfort, whichever way it came in. */
export interface Report {
	readonly on: CivilDate;
	readonly regions: readonly RegionReport[];
	readonly worst: number;
	readonly isAcknowledged: boolean;
}

/** The reports of a file in order of time; of one day, answers before check-ins. */
export function reportsOf({ answers, checkIns }: Pick<PersonFile, 'answers' | 'checkIns'>): Report[] {
	return [...answers, ...checkIns]
		.flatMap(({ on, discomfort, acknowledged }): Report[] =>
			discomfort === null
				? []
				: [{ on, regions: discomfort, worst: worstOf(discomfort), isAcknowledged: acknowledged !== null }]
		)
		.sort((a, b) => (a.on < b.on ? -1 : a.on > b.on ? 1 : 0));
}
