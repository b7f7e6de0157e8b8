import type { PublishedShare } from './figures';

/** What a report asks management to decide: buying, speaking to teams, working time for plans, which problem comes first. */
export const DECISION_KINDS = ['buy', 'teams', 'time', 'first'] as const;

/** One of {@link DECISION_KINDS}. */
export type DecisionKind = (typeof DECISION_KINDS)[number];

/** What can have been decided. */
export const DECISION_RESULTS = ['open', 'agreed', 'declined', 'postponed'] as const;

/** One of {@link DECISION_RESULTS}. */
export type DecisionResult = (typeof DECISION_RESULTS)[number];

/** What was decided, as a coordinator recorded it. */
interface RecordedDecision {
	readonly result: DecisionResult;
	readonly note: string;
}

/** What was decided on a report. */
export type RecordedDecisions = Readonly<Partial<Record<DecisionKind, RecordedDecision>>>;

/** What came of a decision: the same figure in the report that asked for it, and now. */
export interface DecisionOutcome {
	readonly kind: DecisionKind;
	/** The finding or team that it was about; null for purchases. */
	readonly about: string | null;
	readonly decided: RecordedDecision;
	readonly then: PublishedShare | null;
	readonly now: PublishedShare | null;
}
