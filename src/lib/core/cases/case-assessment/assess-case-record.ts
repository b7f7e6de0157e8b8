import { workCalendarOfPlace } from '../../platform/calendar/public-holidays';
import { planCorner } from '../../plan/plan-corner';
import type { Rules } from '../../platform/rules/shipped-rules';
import { newestCorner, type CaseRecord } from './case-record';
import { assessCase } from './assess-case';
import { unclosableChecks } from './open-reports';
import type { AssessmentResult } from './assessment-result';

/** Assesses a case record by itself: first solves the best household plan for its newest workstation. For the command line. */
export function assessCaseRecord(file: CaseRecord, rules: Rules): AssessmentResult {
	const corner = newestCorner(file);
	const best = (corner && planCorner(corner, 1).plans[0]) ?? null;
	return assessCase(file, {
		rules,
		calendar: workCalendarOfPlace(file.place),
		unclosable: unclosableChecks(best)
	});
}
