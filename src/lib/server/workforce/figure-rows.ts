import type { PublishedShare, WorkforceView } from '../../core/workforce';
import type { CsvCell } from '../../core/exchange';
import type { Db } from '../db/client';
import {
	answersScreen,
	discomfortScreen,
	findingsScreen,
	helpScreen,
	purchasesScreen,
	stepsScreen,
	type ScreenTable
} from './screens';

const COLUMNS = ['screen', 'by', 'group', 'figure', 'n', 'x', 'share', 'low', 'high', 'team'] as const;

const rounded = (of: number) => Math.round(of * 1e6) / 1e6;

function rowOf(of: readonly string[], figure: PublishedShare | null, team: string): CsvCell[] {
	if (!figure) return [...of, '', '', '', '', '', team];
	const { n, x, share, low, high } = figure;
	return [...of, n, x, rounded(share), rounded(low), rounded(high), team];
}

function rowsOf(screen: string, { by, team }: WorkforceView, { groups, figures }: ScreenTable): CsvCell[][] {
	return figures.flatMap(({ code, all, groups: each }) => [
		rowOf([screen, '', '', code], all, team ?? ''),
		...(by === null
			? []
			: groups.map((group, i) => rowOf([screen, by, group, code], each[i] ?? null, team ?? '')))
	]);
}

/** Every share on the workforce pages of a view, in total and for each group; numbers are empty where nothing may be published. */
export async function figureRows(db: Db, view: WorkforceView): Promise<(readonly CsvCell[])[]> {
	const [answers, discomfort, findings, helps, purchases, steps] = await Promise.all([
		answersScreen(db, view),
		discomfortScreen(db, view),
		findingsScreen(db, view),
		helpScreen(db, view),
		purchasesScreen(db, view),
		stepsScreen(db, view)
	]);
	const screens: [string, ScreenTable][] = [
		['answers', answers.table],
		['discomfort', discomfort.table],
		['findings', findings.table],
		['helps', helps.table],
		['to-buy', purchases.table]
	];
	const ofEveryone = view.team === null ? rowsOf('steps', { ...view, by: null }, steps.table) : [];
	return [COLUMNS, ...screens.flatMap(([screen, table]) => rowsOf(screen, view, table)), ...ofEveryone];
}
