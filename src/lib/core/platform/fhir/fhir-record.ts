import type { Answers } from '../../questionnaire/answers/fields';
import {
	BODY_LENGTHS,
	type BodyLengthName,
	type BodyMeasuringMethod
} from '../../workstation/corner/vocabulary';
import type { Corner } from '../../workstation/corner/corner';
import type { RedFlag } from '../../cases/discomfort/red-flags';
import type { RegionReport } from '../../cases/discomfort/report';
import type { ConsentWay } from '../../cases/referral/consent';

/** The lengths that FHIR gets as observations. */
export const FHIR_LENGTHS = [...BODY_LENGTHS, 'stature', 'surfaceHeight', 'seatHeight'] as const;

/** One of {@link FHIR_LENGTHS}. */
export type FhirLengthName = (typeof FHIR_LENGTHS)[number];

/** A length in mm, and how it was measured. */
export interface FhirLength {
	readonly name: FhirLengthName;
	readonly mm: number;
	readonly by: BodyMeasuringMethod;
	/** Standard deviation in mm, of one from a photo. */
	readonly sd?: number;
}

/** What of a person goes into FHIR, and comes back from it unchanged. Moments are ISO 8601 in UTC, days ISO 8601. Empty texts are unknown. */
export interface FhirRecord {
	readonly person: {
		/** UUID. */
		readonly id: string;
		readonly name: string;
		readonly email: string;
		readonly phone: string;
		readonly staffNumber: string;
		/** BCP 47. */
		readonly language: string;
	};
	/** Self-assessments that were sent in, oldest first. */
	readonly assessments: readonly {
		readonly id: string;
		readonly checklistVersion: number;
		readonly at: string;
		/** As typed or chosen, without empty texts. */
		readonly answers: Answers;
		/** As the workstation document has them. */
		readonly lengths: readonly FhirLength[];
	}[];
	/** Discomfort as it was reported: with a self-assessment, or later. The id is that of the report or self-assessment. */
	readonly discomfort: readonly {
		readonly id: string;
		readonly at: string;
		readonly regions: readonly RegionReport[];
	}[];
	/** Every warning sign ever reported, also those that were taken back. */
	readonly signs: readonly {
		readonly id: string;
		readonly sign: RedFlag;
		readonly at: string;
		readonly takenBackAt: string | null;
	}[];
	readonly referrals: readonly {
		readonly id: string;
		readonly at: string;
		readonly to: string;
		readonly question: string;
		readonly answerBy: string | null;
		readonly consentHow: ConsentWay | null;
		readonly endedAt: string | null;
		readonly outcome: string;
	}[];
}

/** The lengths of a workstation document that FHIR gets. */
export function fhirLengthsOf({ person, body, spot }: Corner): FhirLength[] {
	const lengths: FhirLength[] = Object.entries(body).map(([name, length]) => ({
		name: name as BodyLengthName,
		...length
	}));
	return [
		{ name: 'stature', mm: person.stature, by: spot.by },
		...lengths,
		{ name: 'surfaceHeight', mm: spot.surface.height, by: spot.by },
		...(spot.seat ? [{ name: 'seatHeight', mm: spot.seat.height, by: spot.by } as const] : [])
	];
}
