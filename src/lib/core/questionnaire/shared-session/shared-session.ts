import type { Answers } from '../answers/fields';
import type { LengthUnit } from '../../body/length/mm';
import type { PlanStep } from '../../plan/plan-steps';
import type { SharedSessionStation } from './stations';

/** An open shared session ends by itself after this long, ms. Our assumption: longer than any call about one workstation. */
export const LONGEST_SHARED_SESSION_MS = 2 * 3_600_000;

/** Who or what ended a walkthrough. */
export const SHARED_SESSION_ENDS = ['person', 'coordinator', 'time'] as const;

/** One of {@link SHARED_SESSION_ENDS}. */
export type SharedSessionEnd = (typeof SHARED_SESSION_ENDS)[number];

/** An answer that was entered while both were looking. */
export interface SharedSessionEntry {
	readonly field: string;
	/** As typed; a length in this unit. */
	readonly text: string;
	readonly unit: LengthUnit;
	/** The coordinator who entered what was read out; null where the person entered it. */
	readonly readOutTo: string | null;
	readonly at: Date;
}

/** The plan that both look at. */
export interface SharedSessionPlan {
	readonly id: string;
	readonly steps: readonly PlanStep[];
	/** Whether answers have changed since it was made. */
	readonly isBehind: boolean;
}

/** What both have agreed to. */
export interface Agreement {
	/** Whether each has agreed to the plan as it is now. */
	readonly person: boolean;
	readonly coordinator: boolean;
}

/** An open shared session as both see it. */
export interface SharedSessionState {
	/** The code by which a coordinator comes in. */
	readonly code: string;
	readonly answers: Answers;
	readonly revision: number;
	/** The station that both look at, and the question that one of them points at. */
	readonly station: SharedSessionStation;
	readonly question: string | null;
	/** Who pointed there; null where the person did. */
	readonly pointedBy: string | null;
	/** Whether the person has the page open, and the names of the coordinators who have. */
	readonly isPersonHere: boolean;
	readonly coordinatorsHere: readonly string[];
	/** Newest first. */
	readonly entries: readonly SharedSessionEntry[];
	readonly plan: SharedSessionPlan | null;
	readonly agreement: Agreement;
	/** The next day, ISO; null where none is set. */
	readonly nextOn: string | null;
	readonly isOpen: boolean;
}

/** What is left of a shared session: what both saw, for both to keep. */
export interface SharedSessionSummary {
	readonly id: string;
	readonly startedAt: Date;
	readonly endedAt: Date;
	readonly endedBy: SharedSessionEnd;
	/** Names of the coordinators who came in. */
	readonly coordinators: readonly string[];
	/** In the order of the stations. */
	readonly entries: readonly SharedSessionEntry[];
	/** The steps that both agreed to; null where they agreed to none. */
	readonly agreed: readonly PlanStep[] | null;
	readonly nextOn: string | null;
}

/**
 * What holds of an agreement for the plan as it is now: one to an earlier plan has lapsed.
 * @param agreed the plans that each has agreed to, by id; null for none
 */
export function agreementOn(
	plan: Pick<SharedSessionPlan, 'id' | 'isBehind'> | null,
	agreed: { readonly person: string | null; readonly coordinator: string | null }
): Agreement {
	const holds = (id: string | null) => plan !== null && !plan.isBehind && id === plan.id;
	return { person: holds(agreed.person), coordinator: holds(agreed.coordinator) };
}

/** Whether both have agreed. */
export const isAgreed = ({ person, coordinator }: Agreement): boolean => person && coordinator;

/** Whether an open shared session has run out. */
export const hasRunOut = (startedAt: Date, now: Date): boolean =>
	now.getTime() - startedAt.getTime() >= LONGEST_SHARED_SESSION_MS;
