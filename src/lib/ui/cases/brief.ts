import type { Corner } from '$lib/core/corner';
import type { RegionReport } from '$lib/core/discomfort';
import type { AskedThing, RequestState } from '$lib/core/equipment';
import type { Closable, Judgement } from '$lib/core/judgement';
import type { Plan } from '$lib/core/plan';
import type { DrawnAs, ReMeasured } from '$lib/core/section';

/** What the server gives of a case beside the list; dates are texts. */
export interface Brief {
	readonly id: string;
	readonly name: string;
	readonly team: string;
	readonly phone: string;
	readonly version: number;
	readonly corner: {
		readonly corner: Corner;
		readonly plan: Plan | null;
		readonly standing: { readonly done: readonly string[]; readonly lengths: ReMeasured } | null;
		readonly drawnAs: DrawnAs;
	} | null;
	readonly judgement: Judgement | null;
	readonly closable: readonly Closable[];
	readonly owner: { readonly id: string; readonly name: string } | null;
	readonly coordinators: readonly { readonly id: string; readonly name: string }[];
	readonly later: { readonly on: string; readonly reason: string } | null;
	readonly laterDays: readonly string[];
	readonly canWait: boolean;
	readonly isReferred: boolean;
	readonly discomfort: readonly RegionReport[];
	readonly equipment: readonly {
		readonly id: string;
		readonly purchase: AskedThing;
		readonly state: RequestState;
		readonly reason: string;
		readonly version: number;
	}[];
	/** What nobody has answered or read; from whom, where it is not the person. */
	readonly unread: readonly { readonly text: string; readonly from: string | null }[];
	readonly note: { readonly text: string; readonly authorName: string | null } | null;
	readonly followUp: { readonly due: string; readonly reason: string; readonly version: number } | null;
	readonly reply: string;
}
