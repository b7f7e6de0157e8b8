import type { CheckResult } from '$lib/core/workstation/checks/check-corner';
import type { RegionReport } from '$lib/core/cases/discomfort/report';
import { deskWords } from './index';

/** What a check with a problem means for the posture; empty where it fits or isn't known. */
export function loadWords({ id, value, low, verdict }: CheckResult): string {
	return verdict === 'off' ? deskWords.letter.loads[id][value < low ? 'low' : 'high'] : '';
}

/** The same place and side in two reports. */
export const isSamePlace = (
	a: Pick<RegionReport, 'region' | 'side'>,
	b: Pick<RegionReport, 'region' | 'side'>
) => a.region === b.region && a.side === b.side;
