/** The budget for equipment of a year, whole cents, and what became of it. */
export interface YearBudget {
	readonly year: number;
	/** Null where none was set. */
	readonly budgetCents: number | null;
	/** ISO 4217. */
	readonly currency: string;
	/** What was ordered, sent or received in this year and has an amount. */
	readonly spentCents: number;
	/** What is approved and not ordered yet, by its price. */
	readonly promisedCents: number;
	/** Purchases of the year that no sum contains: without an amount, or in another currency. */
	readonly notCounted: number;
	/** 0 where none was set. */
	readonly version: number;
}

/** What is left of it, below 0 where more is spent and approved; null where none was set. */
export const leftCents = ({ budgetCents, spentCents, promisedCents }: YearBudget): number | null =>
	budgetCents === null ? null : budgetCents - spentCents - promisedCents;
