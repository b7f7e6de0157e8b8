import type { FieldIssue } from '$lib/core/questionnaire/answers/read-length-field';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { Catalogue } from '$lib/messages/shapes';

/** Examples of a length in a unit, for "write it like", mm. */
const EXAMPLES_MM: Readonly<Record<LengthUnit, readonly number[]>> = { cm: [740, 745], mm: [740], in: [740] };

const exampleOf = (t: Catalogue, unit: LengthUnit): string =>
	t.lists.or(EXAMPLES_MM[unit].map((mm) => formatLength(mm, unit, { withUnit: false, locale: t.locale })));

/** What is wrong with a typed answer, in words. */
export function issueWords(issue: FieldIssue, t: Catalogue, unit: LengthUnit): string {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	switch (issue.code) {
		case 'missing':
		case 'no-name':
			return t.issues.missing;
		case 'negative':
			return t.issues.negative;
		case 'range-order':
			return t.issues['range-order'];
		case 'outside-range':
			return t.issues['outside-range'];
		case 'not-a-count':
			return t.issues['not-a-count'](issue.bounds?.[1] ?? 0);
		case 'empty':
		case 'not-a-length':
		case 'too-large':
			return t.issues['not-a-length'](exampleOf(t, unit));
		case 'too-small':
		case 'too-big': {
			const [low = 0, high = 0] = issue.bounds ?? [];
			const range = t.issues.range(length(low), length(high));
			if (issue.meantMm === undefined || issue.readMm === undefined) return range;
			return `${t.issues.meant(length(issue.readMm), length(issue.meantMm))} ${range}`;
		}
	}
}
