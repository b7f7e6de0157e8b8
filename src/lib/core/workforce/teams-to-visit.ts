import { FIGURE_CODES, type PublishedOf } from './codes';
import { comparedGroups } from './compared-groups';
import type { FigureTable, PublishedShare } from './figures';

/** What speaks for a visit: a share, and the direction that is worse. */
const SIGNALS = [
	{ signal: 'answered', of: 'answers', code: FIGURE_CODES.answered, worse: 'lower' },
	{ signal: 'problem', of: 'findings', code: FIGURE_CODES.problem, worse: 'higher' },
	{ signal: 'hurts', of: 'discomfort', code: FIGURE_CODES.hurts, worse: 'higher' },
	{ signal: 'stands', of: 'help', code: FIGURE_CODES.stands, worse: 'lower' }
] as const satisfies readonly {
	signal: string;
	of: PublishedOf;
	code: string;
	worse: 'lower' | 'higher';
}[];

/** One of the figures by which teams are compared. */
export type VisitSignal = (typeof SIGNALS)[number]['signal'];

/** Kinds of figures that teams are compared by. */
export const VISIT_OF: readonly PublishedOf[] = SIGNALS.map(({ of }) => of);

/** A team that is worse off than the others by more than chance explains. */
export interface TeamToVisit {
	readonly team: string;
	readonly signal: VisitSignal;
	readonly figure: PublishedShare;
	/** Of everyone. */
	readonly all: PublishedShare;
	/** Probability of that by chance, adjusted for the number of teams and of signals. */
	readonly p: number;
}

/** Probability below which a team is named: at most one overview in twenty names any by chance. */
const SURE = 0.05;

/**
 * Teams that are worse off than the others, the clearest first.
 * @param tableOf figures by team, of one kind
 */
export function teamsToVisit(tableOf: (of: PublishedOf) => FigureTable): TeamToVisit[] {
	return SIGNALS.flatMap(({ signal, of, code, worse }) => {
		const { groups, figures } = tableOf(of);
		const row = figures.find((one) => one.code === code);
		if (!row) return [];
		const { all } = row;
		return comparedGroups(row).flatMap((compared, i): TeamToVisit[] => {
			const figure = row.groups[i];
			const p = Math.min(1, (compared?.p ?? 1) * SIGNALS.length);
			if (!all || !figure || compared?.differs !== worse || p >= SURE) return [];
			return [{ team: groups[i] ?? '', signal, figure, all, p }];
		});
	}).sort((a, b) => a.p - b.p);
}
