import type { FollowUpKind, Level } from '$lib/core/triage';

/** One follow-up on the board. */
export interface BoardLine {
	readonly id: string;
	readonly personId: string;
	readonly name: string;
	readonly kind: FollowUpKind;
	readonly due: string;
	readonly reason: string;
	readonly version: number;
	readonly level: Level;
	/** Whether that day is a weekend or a holiday where they live. */
	readonly isFree: boolean;
}

const KINDS = { look: 'Follow-up', 'check-in': 'asked how it holds', recheck: 'next full look' } as const;

/** What a follow-up is for, in words. */
export const purposeOf = ({ reason, kind }: BoardLine): string => reason || KINDS[kind];
