import type { DecisionOutcome, RecordedDecisions } from './decision-outcome';
import type { PublishedShare } from './figures';
import type { ReportedPurchase, WorkforceReport } from './report';

/** An amount, whole cents. */
interface Amount {
	readonly cents: number;
	readonly currency: string;
}

/** A decision, with what it rests on. */
export type Decision =
	| {
			readonly kind: 'buy';
			readonly purchases: readonly ReportedPurchase[];
			readonly cost: Amount | null;
			/** How many people with a problem that remains there are, and how many of them equipment would help. */
			readonly helped: { readonly x: number; readonly of: number } | null;
			/** The alternative: the item that costs least for each person; null where no other has a price. */
			readonly cheapest: (ReportedPurchase & Amount) | null;
	  }
	| {
			readonly kind: 'teams';
			readonly teams: readonly { readonly team: string; readonly figure: PublishedShare | null }[];
			readonly all: PublishedShare | null;
	  }
	| { readonly kind: 'time'; readonly finding: string; readonly figure: PublishedShare }
	| {
			readonly kind: 'first';
			readonly finding: string;
			readonly region: string;
			readonly ratio: number;
			readonly figure: PublishedShare | null;
	  };

/** The total cost; null where no price is known. */
export function costOf(purchases: readonly ReportedPurchase[]): Amount | null {
	const priced = purchases.flatMap(({ people, cents, currency }) =>
		cents !== null && currency !== null ? [{ cents: cents * people, currency }] : []
	);
	const [first] = priced;
	return first
		? { cents: priced.reduce((sum, { cents }) => sum + cents, 0), currency: first.currency }
		: null;
}

function cheapestOf(purchases: readonly ReportedPurchase[]): (ReportedPurchase & Amount) | null {
	const priced = purchases.flatMap((one) =>
		one.cents !== null && one.currency !== null ? [{ ...one, cents: one.cents, currency: one.currency }] : []
	);
	return priced.length < 2 ? null : (priced.sort((a, b) => a.cents - b.cents)[0] ?? null);
}

/** Teams in which fewer people answer. A report of version 1 keeps those that it named then. */
function quietTeamsOf({ quietTeams, teams, key }: WorkforceReport): readonly string[] {
	const everyone = key.answered;
	return (
		quietTeams ??
		teams.answered
			.filter(({ figure }) => everyone !== null && figure !== null && figure.high < everyone.share)
			.map(({ team }) => team)
	);
}

/** Probability from which a link between a problem and discomfort is no reason for a decision. */
const SURE = 0.05;

/** What management is asked to decide: what follows from the figures, and no more. */
export function decisionsOf(report: WorkforceReport): Decision[] {
	const { purchases, teams, findings, key, associations, helped } = report;
	const quiet = quietTeamsOf(report);
	const [most] = findings;
	const [pair] = associations.filter(({ p, ratio }) => p < SURE && ratio > 1);
	const figureOf = (code: string) => findings.find((one) => one.code === code)?.figure ?? null;
	return [
		...(purchases.length > 0
			? [
					{
						kind: 'buy' as const,
						purchases,
						cost: costOf(purchases),
						helped: helped && key.open ? { x: helped.x, of: key.open.x } : null,
						cheapest: cheapestOf(purchases)
					}
				]
			: []),
		...(quiet.length > 0
			? [
					{
						kind: 'teams' as const,
						teams: quiet.map((team) => ({
							team,
							figure: teams.answered.find((one) => one.team === team)?.figure ?? null
						})),
						all: key.answered
					}
				]
			: []),
		...(most ? [{ kind: 'time' as const, finding: most.code, figure: most.figure }] : []),
		...(pair
			? [
					{
						kind: 'first' as const,
						finding: pair.finding,
						region: pair.region,
						ratio: pair.ratio,
						figure: figureOf(pair.finding)
					}
				]
			: [])
	];
}

/** What was decided on a report, with the figures then and now, in the order in which it asked. */
export function decisionOutcomes(
	before: WorkforceReport,
	decided: RecordedDecisions,
	now: Omit<WorkforceReport, 'before'>
): DecisionOutcome[] {
	const ofFinding = ({ findings }: Pick<WorkforceReport, 'findings'>, code: string) =>
		findings.find((one) => one.code === code)?.figure ?? null;
	const ofTeam = ({ teams }: Pick<WorkforceReport, 'teams'>, name: string) =>
		teams.answered.find(({ team }) => team === name)?.figure ?? null;
	return decisionsOf(before).flatMap((decision): DecisionOutcome[] => {
		const { kind } = decision;
		const shared = { kind, decided: decided[kind] ?? { result: 'open', note: '' } } as const;
		switch (decision.kind) {
			case 'buy':
				return [{ ...shared, about: null, then: before.key.open, now: now.key.open }];
			case 'teams':
				return decision.teams.map(({ team }) => ({
					...shared,
					about: team,
					then: ofTeam(before, team),
					now: ofTeam(now, team)
				}));
			case 'time':
			case 'first':
				return [
					{
						...shared,
						about: decision.finding,
						then: ofFinding(before, decision.finding),
						now: ofFinding(now, decision.finding)
					}
				];
		}
	});
}
