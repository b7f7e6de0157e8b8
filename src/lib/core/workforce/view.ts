import type { Grouping } from './codes';

/** What figures are about. */
export interface FigureView {
	/** The closing day, ISO. */
	readonly on: string;
	/** Whether figures are those of today, which change with each answer; at a closing they are as they were published. */
	readonly isLive: boolean;
	readonly by: Grouping | null;
	/** The group that the figures are about; null for everyone. */
	readonly group: string | null;
	/** The team within which people are grouped by something else; null for all teams. */
	readonly team: string | null;
}

/** The view of the workforce, as the URL states it. */
export interface WorkforceView extends FigureView {
	/** Closing days to choose from, newest first. */
	readonly closings: readonly string[];
	/** Today, where current figures are available: for coordinators only. */
	readonly today: string | null;
	/** Teams to choose from. */
	readonly teams: readonly string[];
}
