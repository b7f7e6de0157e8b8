import { daysBetween, civilDate } from '$lib/core/calendar';
import type { Judgement } from '$lib/core/judgement';
import type { LengthUnit } from '$lib/core/length';
import { isGraver, LEVELS, type Level } from '$lib/core/triage';
import type { Catalogue } from '$lib/messages';
import { levelEn, reasonEn } from '$lib/messages/triage-en';
import { DESK_ACT_WORDS } from '../cases/state-words';
import { checkWords } from '../gap-mark/check-words';

/** One line of the day sheet. */
export interface SheetLine {
	readonly personId: string;
	readonly name: string;
	readonly team: string;
	readonly level: Level;
	readonly judgement: Judgement | null;
	readonly openSince: string | null;
	readonly actBy: string | null;
	readonly followUpOn: string | null;
	readonly followUpReason: string | null;
	readonly followUpVersion: number | null;
	readonly referredTo: string | null;
	readonly referredName: string | null;
	readonly version: number;
	/** The newest message that nobody has answered. */
	readonly message: string | null;
	readonly lastAct: { readonly kind: string; readonly at: string; readonly by: string } | null;
}

/** Whether a line stands there for a follow-up alone. */
export const isFollowUp = (line: SheetLine) => line.openSince === null;

/** Whether only an outcome takes a line off the sheet. */
export const needsOutcome = (line: SheetLine) => !isFollowUp(line) && isGraver(line.level, 'soon');

/** Whether a press settles a line: nothing grave is open, and no message is unread. */
export const canSettle = (line: SheetLine) =>
	!isFollowUp(line) && !needsOutcome(line) && line.message === null;

const LOOK_AGAIN = { name: 'Look again', rule: 'A follow-up that was set for today or before.' };

/** Lines by level, in the order of the day; follow-ups of settled cases after what waits for help, before what a home can do. */
export function groupsOf(lines: readonly SheetLine[]) {
	const levels = (from: number, until: number) =>
		LEVELS.slice(from, until).map((level) => ({
			id: level as string,
			...levelEn[level],
			lines: lines.filter((line) => !isFollowUp(line) && line.level === level)
		}));
	const look = { id: 'look', ...LOOK_AGAIN, lines: lines.filter(isFollowUp) };
	return [...levels(0, 4), look, ...levels(4, LEVELS.length)].filter((group) => group.lines.length > 0);
}

/** Longest part of a message that a line shows; the whole stands beside the list. */
const MESSAGE_SHOWN = 160;

/** Why a line stands there: what the person wrote comes first, as they wrote it; no tool reads anything into it. */
export function reasonOf(line: SheetLine, today: string, t: Catalogue, unit: LengthUnit): string[] {
	const said =
		line.message === null
			? []
			: [`“${line.message.slice(0, MESSAGE_SHOWN)}${line.message.length > MESSAGE_SHOWN ? '…' : ''}”`];
	const { judgement } = line;
	const told =
		judgement && !isFollowUp(line)
			? judgement.reasons
					.filter(
						({ code, what }) => code !== 'nothing-open' && !(what === 'question' && line.message !== null)
					)
					.slice(0, 3)
					.map((reason) => reasonEn(reason, judgement))
			: [];
	const due = line.followUpOn && line.followUpOn <= today ? [line.followUpReason || 'Follow-up'] : [];
	if (said.length + told.length + due.length > 0) return [...said, ...due, ...told];
	// Gap marks stand beside it: the words of the gaps only where there are no other.
	const gaps = (judgement?.standing ?? []).filter(({ verdict }) => verdict === 'off');
	return gaps.map((check) => checkWords(check, t, unit));
}

const short = new Intl.DateTimeFormat('en-GB', { day: 'numeric', month: 'short', timeZone: 'UTC' });

const count = (n: number, one: string, many: string) => `${n} ${n === 1 ? one : many}`;

function daysSince(from: string, today: string): number {
	const [a, b] = [civilDate(from), civilDate(today)];
	return a && b ? Math.max(0, daysBetween(a, b)) : 0;
}

/** How long a line has waited, and by when it should be acted on. */
export function whenOf(line: SheetLine, today: string): { words: string; isLate: boolean } {
	if (isFollowUp(line)) {
		const waits = daysSince(line.followUpOn ?? today, today);
		return { words: waits === 0 ? 'due today' : `due ${count(waits, 'day', 'days')} ago`, isLate: waits > 0 };
	}
	const waits = daysSince(line.openSince ?? today, today);
	const told = waits === 0 ? 'today' : `waits ${count(waits, 'day', 'days')}`;
	if (line.actBy === null) return { words: told, isLate: false };
	const by = short.format(new Date(`${line.actBy}T00:00:00Z`));
	return line.actBy < today
		? { words: `late since ${by}`, isLate: true }
		: { words: `${told}, by ${by}`, isLate: false };
}

/** What was last done, when and by whom. */
export function lastActOf({ lastAct }: SheetLine, today: string, timeZone: string): string {
	if (!lastAct) return '';
	const at = new Date(lastAct.at);
	const day = new Intl.DateTimeFormat('sv-SE', { timeZone }).format(at);
	const when =
		day === today
			? new Intl.DateTimeFormat('en-GB', { hour: '2-digit', minute: '2-digit', timeZone }).format(at)
			: short.format(at);
	const words = DESK_ACT_WORDS[lastAct.kind as keyof typeof DESK_ACT_WORDS] ?? lastAct.kind;
	return `${words.replace(/ (?:to|with|for|of|about):?$|:$/, '')} ${when} by ${lastAct.by}`;
}

/** What most sensibly comes next. */
export type NextAct = 'outcome' | 'refer' | 'write' | 'approve' | 'call' | 'done' | 'settle';

/** What each act is called, and its key. */
export const NEXT_ACTS: Readonly<Record<NextAct, { readonly key: string; readonly words: string }>> = {
	outcome: { key: 'e', words: 'Outcome' },
	refer: { key: 'r', words: 'Refer' },
	write: { key: 'w', words: 'Write' },
	approve: { key: 'a', words: 'Approve' },
	call: { key: 'e', words: 'Record the call' },
	done: { key: 'e', words: 'Done' },
	settle: { key: 'e', words: 'Settle' }
};

/** The act that is offered on a line. */
export function nextActOf(line: SheetLine): NextAct {
	if (isFollowUp(line)) return 'done';
	if (needsOutcome(line)) return 'outcome';
	if (line.message !== null) return 'write';
	const [first] = line.judgement?.reasons ?? [];
	if (first?.what === 'equipment') return 'approve';
	if (first?.what === 'silent') return 'call';
	if (first?.code === 'stuck' || first?.what === 'stuck-step' || line.level === 'soon') return 'write';
	return 'settle';
}
