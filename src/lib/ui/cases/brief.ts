import type { Corner } from '$lib/core/workstation/corner/corner';
import type { RegionReport } from '$lib/core/cases/discomfort/report';
import type { EquipmentItem, RequestState } from '$lib/core/plan/equipment';
import type { Closable } from '$lib/core/cases/case-assessment/vocabulary';
import type { AssessmentResult } from '$lib/core/cases/case-assessment/assessment-result';
import type { Plan } from '$lib/core/plan/plan-corner';
import type { DrawingStyle } from '$lib/core/workstation/side-view/drawing-style';
import type { RemeasuredHeights } from '$lib/core/workstation/side-view/remeasured-heights';

/** What the server sends about a case next to the list; dates are text. */
export interface BriefData {
	readonly id: string;
	readonly name: string;
	readonly team: string;
	readonly phone: string;
	readonly version: number;
	readonly corner: {
		readonly corner: Corner;
		readonly plan: Plan | null;
		readonly standing: { readonly done: readonly string[]; readonly lengths: RemeasuredHeights } | null;
		readonly drawnAs: DrawingStyle;
	} | null;
	readonly assessmentResult: AssessmentResult | null;
	readonly closable: readonly Closable[];
	readonly hazards: readonly string[];
	readonly owner: { readonly id: string; readonly name: string } | null;
	readonly coordinators: readonly { readonly id: string; readonly name: string }[];
	readonly later: { readonly on: string; readonly reason: string } | null;
	readonly laterDays: readonly string[];
	readonly canWait: boolean;
	readonly isReferred: boolean;
	readonly discomfort: readonly RegionReport[];
	readonly equipment: readonly {
		readonly id: string;
		readonly purchase: EquipmentItem;
		readonly state: RequestState;
		readonly reason: string;
		readonly version: number;
	}[];
	/** What nobody has answered or read; the sender, if it is not the person. */
	readonly unread: readonly { readonly text: string; readonly from: string | null }[];
	readonly note: { readonly text: string; readonly authorName: string | null } | null;
	readonly followUp: { readonly due: string; readonly reason: string; readonly version: number } | null;
	readonly reply: string;
}
