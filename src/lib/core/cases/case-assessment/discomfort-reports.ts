import type { CivilDate } from '../../platform/calendar/civil-date';
import type { RegionReport } from '../discomfort/report';
import { worstScore } from '../discomfort/discomfort-change';
import { inTimeOrder, type CaseRecord } from './case-record';

/** A discomfort report, however it came in. */
export interface DiscomfortReport {
	readonly seq: number;
	readonly on: CivilDate;
	readonly regions: readonly RegionReport[];
	readonly worst: number;
	readonly isAcknowledged: boolean;
}

/** The discomfort reports of a case record, oldest first. */
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
