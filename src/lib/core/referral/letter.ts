import type { Corner, SeatKind } from '../corner';
import type { RegionReport, RedFlag } from '../discomfort';
import type { AssessmentResult, PlanItem } from '../case-assessment';
import type { RequestableItem } from '../equipment';
import type { ConsentWay } from './consent';

/** What a clinician is told of a case: nothing of the household, no message, no note, no address. Days are ISO dates. */
export interface ReferralLetter {
	/** As the organisation identifies them; empty texts where nothing is known. */
	readonly person: { readonly name: string; readonly team: string; readonly staffNumber: string };
	/** Who writes, and how to reach them. */
	readonly by: { readonly name: string; readonly email: string } | null;
	/** Whom it is for; empty where that is open. */
	readonly to: string;
	/** Null before it is sent. */
	readonly at: Date | null;
	readonly question: string;
	readonly consentHow: ConsentWay | null;
	readonly answerBy: string | null;
	/** Why now, and the checks at first and as they stand. */
	readonly judgement: Pick<
		AssessmentResult,
		'evidence' | 'unclosable' | 'reasons' | 'first' | 'standing'
	> | null;
	readonly signs: readonly { readonly sign: RedFlag; readonly at: Date; readonly takenBackAt: Date | null }[];
	/** Every report of discomfort, the oldest first. */
	readonly over: readonly { readonly at: Date; readonly discomfort: readonly RegionReport[] }[];
	/** Steps that stand, with what they were made of and since when. */
	readonly steps: readonly {
		readonly place: PlanItem;
		readonly with: readonly string[];
		readonly at: Date;
	}[];
	readonly arrived: readonly { readonly purchase: RequestableItem; readonly at: Date | null }[];
	readonly corner: {
		readonly posture: Corner['spot']['posture'];
		readonly seat: SeatKind | null;
		readonly screen: Corner['spot']['screen']['kind'];
		readonly keys: Corner['spot']['keys']['kind'];
		readonly hand: Corner['person']['hand'];
		readonly lenses: Corner['person']['lenses'];
	} | null;
}
