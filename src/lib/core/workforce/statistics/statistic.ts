import { Type, type Static } from 'typebox';
import type { Checked } from '../../platform/issue';
import { compileSchema } from '../../platform/schema/compile-schema';
import { benjaminiHochberg } from './benjamini-hochberg';
import { cohenKappa } from './cohen-kappa';
import { kaplanMeier } from './kaplan-meier';
import { logRank } from './log-rank';
import { mcNemar } from './mcnemar';
import { riskRatio } from './risk-ratio';
import { wilcoxon } from './wilcoxon';
import { wilson } from './wilson';

const closed = { additionalProperties: false } as const;
const count = Type.Integer({ minimum: 0, maximum: 1e9 });
const size = Type.Integer({ minimum: 1, maximum: 1e9 });
const MOST_VALUES = 100_000;
const many = { minItems: 1, maxItems: MOST_VALUES } as const;
const times = Type.Array(Type.Number({ minimum: 0 }), many);
const events = Type.Array(
	Type.Unsafe<0 | 1 | boolean>({ type: ['integer', 'boolean'], minimum: 0, maximum: 1 }),
	many
);

/** The request schema of each statistic. */
const REQUESTS = {
	wilson: Type.Object({ statistic: Type.Literal('wilson'), x: count, n: size }, closed),
	mcnemar: Type.Object({ statistic: Type.Literal('mcnemar'), b: count, c: count }, closed),
	wilcoxon: Type.Object(
		{
			statistic: Type.Literal('wilcoxon'),
			differences: Type.Array(Type.Number(), { minItems: 0, maxItems: 2000 })
		},
		closed
	),
	'risk-ratio': Type.Object(
		{ statistic: Type.Literal('risk-ratio'), x1: count, n1: size, x2: count, n2: size },
		closed
	),
	'kaplan-meier': Type.Object(
		{ statistic: Type.Literal('kaplan-meier'), time: times, event: events },
		closed
	),
	'log-rank': Type.Object(
		{
			statistic: Type.Literal('log-rank'),
			time: times,
			event: events,
			group: Type.Array(Type.Unsafe<string | number>({ type: ['string', 'number'] }), many)
		},
		closed
	),
	'cohen-kappa': Type.Object(
		{
			statistic: Type.Literal('cohen-kappa'),
			table: Type.Array(Type.Array(count, { minItems: 2, maxItems: 50 }), { minItems: 2, maxItems: 50 })
		},
		closed
	),
	'benjamini-hochberg': Type.Object(
		{
			statistic: Type.Literal('benjamini-hochberg'),
			p: Type.Array(Type.Number({ minimum: 0, maximum: 1 }), { minItems: 0, maxItems: MOST_VALUES })
		},
		closed
	)
};

type Name = keyof typeof REQUESTS;
type Request<N extends Name = Name> = Static<(typeof REQUESTS)[N]>;

/** A condition on a request that its schema can't express. */
interface Rule {
	readonly at: string;
	readonly text: string;
	readonly holds: boolean;
}

/** What a schema can't express about a request: parts that belong together. */
function rulesOf(request: Request): Rule[] {
	switch (request.statistic) {
		case 'wilson':
			return [{ at: '/x', text: 'must be at most n', holds: request.x <= request.n }];
		case 'risk-ratio':
			return [
				{ at: '/x1', text: 'must be at most n1', holds: request.x1 <= request.n1 },
				{ at: '/x2', text: 'must be at most n2', holds: request.x2 <= request.n2 }
			];
		case 'kaplan-meier':
			return [{ at: '/event', text: 'must have as many entries as time', holds: sameLength(request) }];
		case 'log-rank':
			return [
				{ at: '/event', text: 'must have as many entries as time', holds: sameLength(request) },
				{
					at: '/group',
					text: 'must have as many entries as time',
					holds: request.group.length === request.time.length
				},
				{ at: '/group', text: 'must name two groups or more', holds: new Set(request.group).size > 1 }
			];
		case 'cohen-kappa': {
			const { table } = request;
			return [
				{
					at: '/table',
					text: 'must have as many columns as rows',
					holds: table.every((row) => row.length === table.length)
				},
				{ at: '/table', text: 'must count something', holds: table.flat().some((n) => n > 0) }
			];
		}
		default:
			return [];
	}
}

const sameLength = ({ time, event }: { time: readonly number[]; event: readonly unknown[] }) =>
	time.length === event.length;

const spellsOf = ({ time, event }: Pick<Request<'kaplan-meier'>, 'time' | 'event'>) =>
	time.map((at, i) => ({ time: at, event: Boolean(event[i]) }));

const checkName = compileSchema<{ statistic: Name }>(
	Type.Object({ statistic: Type.Enum(Object.keys(REQUESTS) as Name[]) })
);

const checkOf = new Map(
	Object.entries(REQUESTS).map(([name, schema]) => [name, compileSchema<Request>(schema)])
);

/**
 * Checks a request for a statistic.
 * @returns the typed request, or the first error with its JSON Pointer
 */
export function validateStatistic(value: unknown): Checked<Request> {
	const named = checkName(value);
	if (!named.ok) return named;
	const check = checkOf.get(named.value.statistic);
	if (!check) throw new Error('A statistic that has a name has no schema');
	const shaped = check(value);
	if (!shaped.ok) return shaped;
	const broken = rulesOf(shaped.value).find(({ holds }) => !holds);
	if (!broken) return shaped;
	return { ok: false, issue: { code: 'apart', at: broken.at, text: `${broken.at} ${broken.text}` } };
}

/** Computes a statistic: two-sided, 95 %. An undefined value is null. */
export function statistic(request: Request): unknown {
	switch (request.statistic) {
		case 'wilson':
			return wilson(request.x, request.n);
		case 'mcnemar':
			return mcNemar(request.b, request.c);
		case 'wilcoxon':
			return wilcoxon(request.differences);
		case 'risk-ratio':
			return riskRatio(request.x1, request.n1, request.x2, request.n2);
		case 'kaplan-meier': {
			const points = kaplanMeier(spellsOf(request));
			return {
				time: points.map(({ time }) => time),
				atRisk: points.map(({ atRisk }) => atRisk),
				survival: points.map(({ survival }) => survival),
				standardError: points.map(({ standardError }) => standardError)
			};
		}
		case 'log-rank': {
			const spells = spellsOf(request).map((spell, i) => ({ ...spell, group: String(request.group[i]) }));
			return logRank(spells) ?? { chiSquared: null, p: null };
		}
		case 'cohen-kappa':
			return cohenKappa(request.table);
		case 'benjamini-hochberg':
			return { adjusted: benjaminiHochberg(request.p) };
	}
}
