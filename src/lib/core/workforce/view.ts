import type { Grouping } from './codes';

/** What the workforce is looked at by, as the address says it. */
export interface WorkforceView {
	/** The closing day, ISO. */
	readonly on: string;
	/** Closing days that may be chosen, the newest first. */
	readonly closings: readonly string[];
	/** Today, where figures of today may be looked at: by coordinators alone. */
	readonly today: string | null;
	readonly by: Grouping | null;
	/** The group that figures are of; null for everybody. */
	readonly group: string | null;
	/** The team within which they are grouped by something else; null for all teams. */
	readonly team: string | null;
	/** Teams that can be chosen. */
	readonly teams: readonly string[];
}
