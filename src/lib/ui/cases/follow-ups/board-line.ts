import { deskWords } from '$lib/messages/desk';
import type { FollowUpKind } from '$lib/core/cases/triage/follow-up-kinds';
import type { TriageLevel } from '$lib/core/cases/triage/policy';

export interface FollowUpBoardLine {
	readonly id: string;
	readonly personId: string;
	readonly name: string;
	readonly kind: FollowUpKind;
	readonly due: string;
	readonly reason: string;
	readonly version: number;
	readonly level: TriageLevel;
	/** Whether that day is a weekend or a public holiday where they live. */
	readonly isFree: boolean;
}

/** A follow-up's purpose, in words. */
export const followUpPurpose = ({ reason, kind }: FollowUpBoardLine): string =>
	reason || deskWords.followUps.purposes[kind];
