import type { CivilDate } from '../calendar';
import type { RegionReport } from '../discomfort';
import { worstOf } from '../discomfort';
import { inOrder, type PersonFile } from './file';

/** A report of discomfort, whichever way it came in. */
export interface Report {
	readonly seq: number;
	readonly on: CivilDate;
	readonly regions: readonly RegionReport[];
	readonly worst: number;
	readonly isAcknowledged: boolean;
}

/** The reports of a file in order of time. */
export function reportsOf({ answers, checkIns }: Pick<PersonFile, 'answers' | 'checkIns'>): Report[] {
	return inOrder([...answers, ...checkIns]).flatMap(({ seq, on, discomfort, acknowledged }): Report[] =>
		discomfort === null
			? []
			: [
					{
						seq,
						on,
						regions: discomfort,
						worst: worstOf(discomfort),
						isAcknowledged: acknowledged !== null
					}
				]
	);
}
