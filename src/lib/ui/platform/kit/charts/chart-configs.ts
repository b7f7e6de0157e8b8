import type { ChartConfiguration, ChartDataset, Plugin } from 'chart.js';
import { deskCatalogue } from '$lib/messages/desk';
import { percent } from '$lib/messages/desk/workforce-words';
import type { ChartLook } from './chart-look';

/** A value with its interval, and the label of its row. */
export interface IntervalRow {
	readonly words: string;
	readonly value: number;
	readonly low: number;
	readonly high: number;
}

/** A step curve of a share, with its interval. */
export interface CurveSeries {
	readonly name: string;
	readonly isDashed: boolean;
	readonly points: readonly {
		readonly at: number;
		readonly share: number;
		readonly low: number | null;
		readonly high: number | null;
	}[];
}

/** Makes the library's settings for a look. */
export type ConfigOf = (look: ChartLook) => ChartConfiguration;

const SIZE = 13;

const shareTick = (share: number | string) => percent(Number(share));

/** Settings of every chart: no legend (labels are in the row or next to the line), no animation, room for labels. */
function base(look: ChartLook) {
	return {
		// Numbers on an axis are written as the page writes them.
		locale: deskCatalogue().dateLocale,
		responsive: true,
		maintainAspectRatio: false,
		animation: false,
		color: look.ink,
		font: { family: look.font, size: SIZE },
		layout: { padding: { right: 12 } }
	} as const;
}

const ticksOf = (look: ChartLook) => ({ color: look.ink, font: { family: look.font, size: SIZE } }) as const;

function valueAxis(
	look: ChartLook,
	title: string,
	ends: { min?: number; max?: number; suggestedMin?: number; suggestedMax?: number },
	isShare: boolean
) {
	return {
		...ends,
		border: { color: look.soft },
		grid: { color: look.rule },
		ticks: { ...ticksOf(look), maxTicksLimit: 7, ...(isShare ? { callback: shareTick } : {}) },
		title: { display: title !== '', text: title, color: look.soft, font: { family: look.font, size: SIZE } }
	};
}

/** The largest share drawn, rounded up to a tenth. */
const topOf = (rows: readonly { readonly high: number }[]) =>
	Math.min(1, Math.ceil(10 * Math.max(0.1, ...rows.map(({ high }) => high))) / 10);

/** A line across the chart at a meaningful value: no change, no difference. */
function lineAt(value: number, look: ChartLook): Plugin {
	return {
		id: 'line-at',
		beforeDatasetsDraw({ ctx, chartArea: { top, bottom }, scales }) {
			const x = scales.x?.getPixelForValue(value) ?? NaN;
			ctx.save();
			ctx.strokeStyle = look.soft;
			ctx.lineWidth = 1.5;
			ctx.setLineDash([4, 4]);
			ctx.beginPath();
			ctx.moveTo(x, top);
			ctx.lineTo(x, bottom);
			ctx.stroke();
			ctx.restore();
		}
	};
}

/** Bars of shares with their intervals, one per row. */
export function shareBars(rows: readonly IntervalRow[], title: string): ConfigOf {
	return (look) => ({
		type: 'barWithErrorBars',
		data: {
			labels: rows.map(({ words }) => words),
			datasets: [
				{
					data: rows.map(({ value, low, high }) => ({ x: value, y: value, xMin: low, xMax: high })),
					backgroundColor: look.coolWash,
					borderColor: look.cool,
					borderWidth: 1.5,
					barThickness: 14,
					errorBarColor: look.ink,
					errorBarLineWidth: 1.5,
					errorBarWhiskerColor: look.ink,
					errorBarWhiskerSize: 8,
					errorBarWhiskerLineWidth: 1.5
				}
			]
		} as unknown as ChartConfiguration['data'],
		options: {
			...base(look),
			indexAxis: 'y',
			plugins: { tooltip: { enabled: false } },
			scales: {
				x: valueAxis(look, title, { min: 0, max: topOf(rows) }, true),
				y: {
					grid: { display: false },
					border: { color: look.soft },
					ticks: { ...ticksOf(look), autoSkip: false }
				}
			}
		}
	});
}

/** The axis of {@link intervalDots}. */
export interface DotAxis {
	readonly title: string;
	/** The value that means no change or no difference, where a line is drawn. */
	readonly lineAt: number;
	/** Whether equal steps are equal ratios. */
	readonly isRatio?: boolean;
}

/** Dots with their intervals, one per row; a row without a value keeps its place. */
export function intervalDots(
	rows: readonly (IntervalRow | { words: string; value: null })[],
	axis: DotAxis
): ConfigOf {
	const { title, lineAt: line, isRatio = false } = axis;
	return (look) => {
		const dots = {
			data: rows.flatMap((row, y) =>
				row.value === null ? [] : [{ x: row.value, y, xMin: row.low, xMax: row.high }]
			),
			radius: 5.5,
			borderColor: look.cool,
			borderWidth: 2,
			backgroundColor: look.cool,
			errorBarColor: look.cool,
			errorBarLineWidth: 2,
			errorBarWhiskerColor: look.cool,
			errorBarWhiskerSize: 8,
			errorBarWhiskerLineWidth: 2
		};
		// The line for no change stays within the axis.
		const ends = isRatio ? {} : { suggestedMin: line - 1, suggestedMax: line + 1 };
		return {
			type: 'scatterWithErrorBars',
			data: { datasets: [dots] } as unknown as ChartConfiguration['data'],
			options: {
				...base(look),
				plugins: { tooltip: { enabled: false } },
				scales: {
					x: {
						...valueAxis(look, title, ends, false),
						...(isRatio ? { type: 'logarithmic' as const } : {})
					},
					y: rowAxis(
						look,
						rows.map(({ words }) => words)
					)
				}
			},
			plugins: [lineAt(line, look)]
		};
	};
}

/** Rows from the top, by number. */
function rowAxis(look: ChartLook, words: readonly string[]) {
	return {
		min: -0.6,
		max: words.length - 0.4,
		reverse: true,
		border: { color: look.soft },
		grid: { display: false },
		afterBuildTicks: (scale: { ticks: { value: number }[] }) => {
			scale.ticks = words.map((_, value) => ({ value }));
		},
		ticks: {
			...ticksOf(look),
			autoSkip: false,
			callback: (value: number | string) => words[Number(value)] ?? ''
		}
	};
}

/** Step curves of shares over time, each with its interval as a shaded area. */
export function stepCurves(series: readonly CurveSeries[], title: string, last: number): ConfigOf {
	return (look) => {
		const line = (
			s: CurveSeries,
			of: (point: CurveSeries['points'][number]) => number | null,
			extra: object
		) =>
			({
				data: [{ x: 0, y: 1 }, ...s.points.map((point) => ({ x: point.at, y: of(point) ?? point.share }))],
				stepped: 'before',
				pointRadius: 0,
				borderWidth: 0,
				...extra
			}) as unknown as ChartDataset;
		return {
			type: 'line',
			data: {
				datasets: series.flatMap((s) => [
					line(s, ({ low }) => low, { order: 1 }),
					line(s, ({ high }) => high, { order: 1, fill: '-1', backgroundColor: look.coolWash }),
					line(s, () => null, {
						order: 0,
						borderColor: s.isDashed ? look.ink : look.cool,
						borderWidth: 2.5,
						borderDash: s.isDashed ? [6, 4] : []
					})
				])
			},
			options: {
				...base(look),
				plugins: { tooltip: { enabled: false } },
				scales: {
					x: { type: 'linear', ...valueAxis(look, title, { min: 0, max: last }, false) },
					y: valueAxis(look, '', { min: 0, max: 1 }, true)
				}
			}
		};
	};
}

/** A row of dots, each the mean of some people. */
export interface Strip {
	readonly words: string;
	readonly isHollow: boolean;
	readonly values: readonly number[];
}

/** A line over time: a value for each label, null where there is none. */
export interface TrendSeries {
	readonly name: string;
	readonly values: readonly (number | null)[];
	/** How the line is drawn, so that lines differ in grey too. */
	readonly dash: readonly number[];
}

/** Values from month to month, the last one marked. @param axis its least end, for other values than shares */
export function trendLines(
	series: readonly TrendSeries[],
	labels: readonly string[],
	axis: { readonly top: number; readonly isShare: boolean }
): ConfigOf {
	return (look) => ({
		type: 'line',
		data: {
			labels: [...labels],
			datasets: series.map(({ values, dash }) => ({
				data: [...values],
				borderColor: dash.length > 0 ? look.ink : look.cool,
				backgroundColor: dash.length > 0 ? look.ink : look.cool,
				borderWidth: 2.5,
				borderDash: [...dash],
				pointRadius: values.map((_, i) => (i === values.length - 1 ? 5 : 2)),
				spanGaps: false
			}))
		},
		options: {
			...base(look),
			plugins: { tooltip: { enabled: false } },
			scales: {
				x: { ticks: { ...ticksOf(look), maxTicksLimit: 6, maxRotation: 0 }, grid: { display: false } },
				y: valueAxis(
					look,
					'',
					{ min: 0, ...(axis.isShare ? { max: 1 } : { suggestedMax: axis.top }) },
					axis.isShare
				)
			}
		}
	});
}

export function dotStrips(strips: readonly Strip[], title: string): ConfigOf {
	return (look) => ({
		type: 'scatter',
		data: {
			datasets: strips.map(({ isHollow, values }, row) => ({
				data: values.map((x) => ({ x, y: row })),
				pointRadius: 4.5,
				pointStyle: isHollow ? ('rectRot' as const) : ('circle' as const),
				pointBorderColor: isHollow ? look.ink : look.cool,
				pointBackgroundColor: isHollow ? look.sheet : `color-mix(in srgb, ${look.cool} 55%, transparent)`,
				pointBorderWidth: 1.5
			}))
		},
		options: {
			...base(look),
			plugins: { tooltip: { enabled: false } },
			scales: {
				x: valueAxis(look, title, {}, false),
				y: rowAxis(
					look,
					strips.map(({ words }) => words)
				)
			}
		} as ChartConfiguration['options'],
		plugins: [lineAt(0, look)]
	});
}
