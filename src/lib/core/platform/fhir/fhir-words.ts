import type { Checklist } from '../../questionnaire/checklist/checklist';
import type { ChecklistStation } from '../../questionnaire/checklist/stations';
import type { RegionReport } from '../../cases/discomfort/report';
import type { RedFlag } from '../../cases/discomfort/red-flags';
import type { FhirLengthName } from './fhir-record';

/** Groups of the questionnaire beside the stations of the checklist. */
const ANSWER_GROUPS = ['signs', 'discomfort', 'lengths', 'choices', 'household', 'later', 'other'] as const;

/** One of {@link ANSWER_GROUPS}, or a station. */
export type AnswerGroup = (typeof ANSWER_GROUPS)[number] | ChecklistStation;

/** The words in a bundle, in one language; null where there are none. They are for people: a program goes by the codes. */
export interface FhirWords {
	/** BCP 47. */
	readonly language: string;
	readonly title: string;
	group(group: AnswerGroup): string;
	field(field: string, checklist: Checklist): string | null;
	option(field: string, value: string, checklist: Checklist): string | null;
	region(report: Pick<RegionReport, 'region' | 'side'>): string;
	sign(sign: RedFlag): string;
	length(name: FhirLengthName): string;
}
