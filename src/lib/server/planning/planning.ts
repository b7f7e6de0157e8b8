import { adviseCorner, type Advice } from '../../core/advice';
import {
	unlimitedPurchases,
	bestPurchases,
	helpedByLargerBudget,
	type PersonInNeed,
	type PurchaseSelection,
	type Stock
} from '../../core/budget';
import type { Corner } from '../../core/corner';
import { shareHousehold, type PurchaseId } from '../../core/plan';

/** A budget question. */
export interface BudgetQuestion {
	readonly people: readonly PersonInNeed[];
	/** Price of one of each, whole cents. */
	readonly prices: ReadonlyMap<PurchaseId, number>;
	readonly cents: number;
	/** What is in stock, and costs nothing. */
	readonly stock: Stock;
	/** Additional money to consider, whole cents. */
	readonly stepCents: number;
}

/** The purchases for the budget, and those without a limit. */
export interface BudgetAnswer {
	readonly best: PurchaseSelection;
	readonly all: PurchaseSelection;
	/** People who would get something for one step more and get nothing now. */
	readonly helpedByStep: readonly string[];
}

/** Answers a budget question in this thread. */
export function solveBudget({ people, prices, cents, stock, stepCents }: BudgetQuestion): BudgetAnswer {
	const best = bestPurchases(people, prices, cents, stock);
	return {
		best,
		all: unlimitedPurchases(people, prices, stock),
		helpedByStep: helpedByLargerBudget(best, bestPurchases(people, prices, cents + stepCents, stock))
	};
}

/** What a planning thread is asked. */
export type PlanJob =
	| { readonly kind: 'advise'; readonly corner: Corner }
	| { readonly kind: 'share'; readonly spots: readonly Corner[] }
	| { readonly kind: 'spend'; readonly question: BudgetQuestion };

/** Where plans are solved. */
export interface Planner {
	advise(corner: Corner): Promise<Advice>;
	/** A person's workstations, each with its share of the household. */
	share(spots: readonly Corner[]): Promise<Corner[]>;
	/** The best purchases for a budget. */
	spend(question: BudgetQuestion): Promise<BudgetAnswer>;
}

/** Solves in this thread, which is blocked in the meantime: for the seed and for tests, never for a server that others wait for. */
export const plannerHere: Planner = {
	advise: (corner) => Promise.resolve(adviseCorner(corner)),
	share: (spots) => Promise.resolve(shareHousehold(spots)),
	spend: (question) => Promise.resolve(solveBudget(question))
};
