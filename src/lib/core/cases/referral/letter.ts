import type { Corner } from '../../workstation/corner/corner';
import type { SeatKind } from '../../workstation/corner/vocabulary';
import type { RegionReport } from '../discomfort/report';
import type { RedFlag } from '../discomfort/red-flags';
import type { AssessmentResult } from '../case-assessment/assessment-result';
import type { PlanItem } from '../case-assessment/vocabulary';
import type { EquipmentItem } from '../../plan/equipment';
import type { ConsentWay } from './consent';

/** What a clinician is told about a case: no household items, messages, notes or address. Days are ISO dates. */
export interface ReferralLetter {
	/** The person as the organisation identifies them; empty texts where unknown. */
	readonly person: { readonly name: string; readonly team: string; readonly staffNumber: string };
	/** The sender, and how to reach them. */
	readonly by: { readonly name: string; readonly email: string } | null;
	/** The recipient; empty where open. */
	readonly to: string;
	/** Null before it is sent. */
	readonly at: Date | null;
	readonly question: string;
	readonly consentHow: ConsentWay | null;
	readonly answerBy: string | null;
	/** The reasons, and the checks at first and now. */
	readonly assessmentResult: Pick<
		AssessmentResult,
		'evidence' | 'unclosable' | 'reasons' | 'first' | 'standing'
	> | null;
	readonly signs: readonly { readonly sign: RedFlag; readonly at: Date; readonly takenBackAt: Date | null }[];
	/** Every discomfort report, oldest first. */
	readonly over: readonly { readonly at: Date; readonly discomfort: readonly RegionReport[] }[];
	/** Steps in place, with the items used and since when. */
	readonly steps: readonly {
		readonly place: PlanItem;
		readonly with: readonly string[];
		readonly at: Date;
	}[];
	/** What the organisation adds at the end, filled in; empty for nothing. */
	readonly ending: string;
	readonly arrived: readonly { readonly purchase: EquipmentItem; readonly at: Date | null }[];
	readonly corner: {
		readonly posture: Corner['spot']['posture'];
		readonly seat: SeatKind | null;
		readonly screen: Corner['spot']['screen']['kind'];
		readonly keys: Corner['spot']['keys']['kind'];
		readonly hand: Corner['person']['hand'];
		readonly lenses: Corner['person']['lenses'];
	} | null;
}
