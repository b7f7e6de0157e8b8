import type { CivilDate } from '../calendar';
import type { RegionReport } from '../discomfort';
import { worstScore } from '../discomfort';
import { inTimeOrder, type CaseRecord } from './case-record';

/** A report of discomfort, whichever way it came in. */
export interface DiscomfortReport {
	readonly seq: number;
	readonly on: CivilDate;
	readonly regions: readonly RegionReport[];
	readonly worst: number;
	readonly isAcknowledged: boolean;
}

/** The reports of a file in order of time. */
export function discomfortReportsOf({
	answers,
	checkIns
}: Pick<CaseRecord, 'answers' | 'checkIns'>): DiscomfortReport[] {
	return inTimeOrder([...answers, ...checkIns]).flatMap(
		({ seq, on, discomfort, acknowledged }): DiscomfortReport[] =>
			discomfort === null
				? []
				: [
						{
							seq,
							on,
							regions: discomfort,
							worst: worstScore(discomfort),
							isAcknowledged: acknowledged !== null
						}
					]
	);
}
