import { acceptedDay } from '../../platform/calendar/civil-date';
import { validateCorner } from '../../workstation/corner/validate-corner';
import { regionReportIssues } from '../discomfort/report';
import type { Checked, Issue } from '../../platform/issue';
import { compileSchema } from '../../platform/schema/compile-schema';
import type { CaseRecord } from './case-record';
import { caseRecordV1Schema, type CaseRecordV1 } from './case-record-v1-schema';
import { caseRecordSchema } from './case-record-schema';
import { upgradeCaseRecord } from './upgrade-case-record';

const checkShape = compileSchema<CaseRecord>(caseRecordSchema);
const checkShape1 = compileSchema<CaseRecordV1>(caseRecordV1Schema);

/** Names of the members that hold a date. */
const DAY_MEMBERS: ReadonlySet<string> = new Set(['on', 'today', 'acknowledged', 'done', 'undone', 'since']);

/** The first member with a date that does not exist or lies far outside a working life. */
function impossibleDay(value: unknown, at: string): Issue | null {
	if (value === null || typeof value !== 'object') return null;
	for (const [name, inner] of Object.entries(value)) {
		const here = `${at}/${name}`;
		if (DAY_MEMBERS.has(name) && typeof inner === 'string' && acceptedDay(inner) === null)
			return {
				code: 'no-such-day',
				at: here,
				text: `${here} is no day of the calendar between 1900 and 2199`
			};
		const within = name === 'corner' ? null : impossibleDay(inner, here);
		if (within) return within;
	}
	return null;
}

type AnyFile = CaseRecord | CaseRecordV1;

function faultOfReports(file: AnyFile): Issue | null {
	for (const list of ['answers', 'checkIns'] as const)
		for (const [i, { discomfort }] of file[list].entries()) {
			const [issue] = regionReportIssues(discomfort ?? []);
			if (issue) return { ...issue, at: `/${list}/${i}/discomfort${issue.at}` };
		}
	return null;
}

function faultOfCorners(file: AnyFile): Issue | null {
	for (const [i, { corner }] of file.answers.entries()) {
		if (corner === null) continue;
		const checked = validateCorner(corner);
		if (checked.ok) continue;
		const at = `/answers/${i}/corner`;
		return { ...checked.issue, at: `${at}${checked.issue.at}`, text: `${at}: ${checked.issue.text}` };
	}
	return null;
}

function repeatedThing({ plan }: AnyFile): Issue | null {
	const names: string[] = plan?.things.map(({ thing }) => thing) ?? [];
	const i = names.findIndex((name, at) => names.indexOf(name) < at);
	if (i < 0) return null;
	const at = `/plan/things/${i}/thing`;
	return { code: 'double', at, text: `${at} is named twice: a plan does each thing once` };
}

const faultOf = (file: AnyFile): Issue | null =>
	impossibleDay(file, '') ?? faultOfReports(file) ?? repeatedThing(file) ?? faultOfCorners(file);

/** Whether a value says it is a version 1 record. */
const isOfVersion1 = (value: unknown) =>
	typeof value === 'object' && value !== null && Reflect.get(value, 'format') === 'easy-corner.file/1';

/**
 * Checks an unknown value against `easy-corner.file/2`, or `/1`, which is upgraded, and against the rules a schema can't express. Nothing
 * is guessed or repaired.
 * @returns the typed record, or the first error with its JSON Pointer
 */
export function validateCaseRecord(value: unknown): Checked<CaseRecord> {
	if (isOfVersion1(value)) {
		const older = checkShape1(value);
		if (!older.ok) return older;
		const issue = faultOf(older.value);
		return issue ? { ok: false, issue } : { ok: true, value: upgradeCaseRecord(older.value) };
	}
	const shaped = checkShape(value);
	if (!shaped.ok) return shaped;
	const issue = faultOf(shaped.value);
	return issue ? { ok: false, issue } : shaped;
}
