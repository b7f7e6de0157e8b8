import type { CivilDate } from '$lib/core/platform/calendar/civil-date';
import type { CaseRecord } from '$lib/core/cases/case-assessment/case-record';

/** The file of someone of whom nothing is known, with what a test is about. */
export function emptyFile(over: Partial<CaseRecord> = {}): CaseRecord {
	return {
		format: 'easy-corner.file/2',
		today: '2026-11-25' as CivilDate,
		place: { country: 'GB', region: null },
		answers: [],
		plan: null,
		ticks: [],
		measured: [],
		checkIns: [],
		lifted: [],
		waiting: [],
		outcomes: [],
		...over
	};
}
