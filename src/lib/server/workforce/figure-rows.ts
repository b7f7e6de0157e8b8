import type { FigureView } from '../../core/workforce/view';
import type { PublishedShare } from '../../core/workforce/figures';
import type { CsvCell } from '../../core/people/exchange/csv';
import { readFigures, type FigureReader } from './current-figures';
import type { ScreenTable } from './screens';
import type { ScreenName } from './screen-list';

const COLUMNS = ['screen', 'by', 'group', 'figure', 'n', 'x', 'share', 'low', 'high', 'team'] as const;

const rounded = (of: number) => Math.round(of * 1e6) / 1e6;

function rowOf(of: readonly string[], figure: PublishedShare | null, team: string): CsvCell[] {
	if (!figure) return [...of, '', '', '', '', '', team];
	const { n, x, share, low, high } = figure;
	return [...of, n, x, rounded(share), rounded(low), rounded(high), team];
}

function rowsOf(screen: string, { by, team }: FigureView, { groups, figures }: ScreenTable): CsvCell[][] {
	return figures.flatMap(({ code, all, groups: each }) => [
		rowOf([screen, '', '', code], all, team ?? ''),
		...(by === null
			? []
			: groups.map((group, i) => rowOf([screen, by, group, code], each[i] ?? null, team ?? '')))
	]);
}

/**
 * Every share on the workforce pages of a view, in total and for each group, as the pages show them; numbers are empty where nothing may be
 * published.
 */
export async function figureRows(reader: FigureReader, view: FigureView): Promise<(readonly CsvCell[])[]> {
	const table = async <N extends ScreenName>(name: N) => (await readFigures(reader, name, view)).figures;
	const [answers, discomfort, findings, helps, purchases, steps] = await Promise.all([
		table('answers'),
		table('discomfort'),
		table('findings'),
		table('help'),
		table('equipment'),
		table('steps')
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
