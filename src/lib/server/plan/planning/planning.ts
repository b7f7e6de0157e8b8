import { adviseCorner, type Advice } from '../../../core/plan/advice/advise-corner';
import {
	helpedByLargerBudget,
	purchaseChoices,
	type AllocatedPurchase,
	type PurchaseSums,
	type SelectionProof,
	type Stock
} from '../../../core/plan/budget/best-purchases';
import { readNeeds, type LeftOut } from '../../../core/plan/budget/needs';
import type { Corner } from '../../../core/workstation/corner/corner';
import { PURCHASES, type PurchaseId } from '../../../core/plan/purchases';
import { shareHousehold } from '../../../core/plan/share-household';

export interface BudgetQuestion {
	/** People with what could be bought for them, as the database writes it (`readNeeds`): there may be a quarter of a million. */
	readonly needs: string;
	readonly leftOut: LeftOut;
	/** Price of one of each, whole cents. */
	readonly prices: ReadonlyMap<PurchaseId, number>;
	readonly cents: number;
	/** What is in stock, and costs nothing. */
	readonly stock: Stock;
	/** Additional money to consider, whole cents. */
	readonly stepCents: number;
	/** Most purchases that are listed, and most people who are named besides. */
	readonly mostLines: number;
	readonly mostNamed: number;
}

/** A number of people, the first few of them by name. */
export interface SomeOf {
	readonly n: number;
	readonly first: readonly string[];
}

/** How many of an item a selection has, and how many of them come from stock. */
interface CountedThing {
	readonly thing: PurchaseId;
	readonly n: number;
	readonly fromStock: number;
}

/** The purchases for the budget, and those without a limit. */
export interface BudgetAnswer {
	readonly best: PurchaseSums & {
		/** The most valuable ones. */
		readonly lines: readonly AllocatedPurchase[];
		readonly things: readonly CountedThing[];
		readonly tied: SomeOf;
		readonly proof: SelectionProof;
		readonly mostMissed: number;
	};
	/** Without a limit. */
	readonly all: PurchaseSums;
	/** How many people are already waiting for an item. */
	readonly waiting: number;
	/** People who would get something for one step more and get nothing now. */
	readonly helpedByStep: SomeOf;
}

/** The number of each item among some purchases, in the order of {@link PURCHASES}. */
function countThings(bought: readonly AllocatedPurchase[]): CountedThing[] {
	return PURCHASES.map((thing) => ({
		thing,
		n: bought.filter(({ things }) => things.includes(thing)).length,
		fromStock: bought.filter(({ fromStock }) => fromStock.includes(thing)).length
	})).filter(({ n }) => n > 0);
}

export function solveBudget(question: BudgetQuestion): BudgetAnswer {
	const { prices, cents, stock, stepCents, mostLines, mostNamed } = question;
	const { needs, waiting } = readNeeds(question.needs, question.leftOut);
	const some = (ids: readonly string[]): SomeOf => ({ n: ids.length, first: ids.slice(0, mostNamed) });
	const choices = purchaseChoices(needs, prices, stock);
	const [best, more] = [choices.within(cents), choices.within(cents + stepCents)];
	return {
		best: {
			cents: best.cents,
			closes: best.closes,
			people: best.bought.length,
			lines: best.bought.slice(0, mostLines),
			things: countThings(best.bought),
			tied: some(best.tied()),
			proof: best.proof,
			mostMissed: best.mostMissed
		},
		all: choices.unlimited(),
		waiting,
		helpedByStep: some(helpedByLargerBudget(best, more))
	};
}

/** What a planning thread is asked. */
export type PlanJob =
	| { readonly kind: 'advise'; readonly corner: Corner }
	| { readonly kind: 'share'; readonly spots: readonly Corner[] }
	| { readonly kind: 'budget'; readonly question: BudgetQuestion };

/** Where plans are solved. */
export interface Planner {
	advise(corner: Corner): Promise<Advice>;
	/** A person's workstations, each with its share of the household. */
	share(spots: readonly Corner[]): Promise<Corner[]>;
	/** The best purchases for a budget. */
	allocateBudget(question: BudgetQuestion): Promise<BudgetAnswer>;
}

/** Solves in this thread, which is blocked in the meantime: for the seed and for tests, never for a server that others wait for. */
export const plannerHere: Planner = {
	advise: (corner) => Promise.resolve(adviseCorner(corner)),
	share: (spots) => Promise.resolve(shareHousehold(spots)),
	allocateBudget: (question) => Promise.resolve(solveBudget(question))
};
