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

/** What is asked of a budget. */
export interface BudgetQuestion {
	readonly people: readonly PersonInNeed[];
	/** Whole cents of one of each. */
	readonly prices: ReadonlyMap<PurchaseId, number>;
	readonly cents: number;
	/** What is there already, and costs nothing. */
	readonly stock: Stock;
	/** So much more money is looked at too, whole cents. */
	readonly stepCents: number;
}

/** What is bought for it, and what all of it would be. */
export interface BudgetAnswer {
	readonly best: PurchaseSelection;
	readonly all: PurchaseSelection;
	/** Who would get something for a step more that gets nothing now. */
	readonly helpedByStep: readonly string[];
}

/** Answers what is asked of a budget, in this thread. */
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
	/** The spots of one person, each with its share of the household. */
	share(spots: readonly Corner[]): Promise<Corner[]>;
	/** The best purchases for a budget. */
	spend(question: BudgetQuestion): Promise<BudgetAnswer>;
}

/** Solves in this thread, which waits in the meantime: for the seed and for tests, never for a server that others wait on. */
export const plannerHere: Planner = {
	advise: (corner) => Promise.resolve(adviseCorner(corner)),
	share: (spots) => Promise.resolve(shareHousehold(spots)),
	spend: (question) => Promise.resolve(solveBudget(question))
};
