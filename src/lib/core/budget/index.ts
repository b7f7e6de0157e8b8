export { cheapestSensible } from './cheapest-sensible';
export {
	unlimitedPurchases,
	bestPurchases,
	helpedByLargerBudget,
	purchaseWorth,
	type AllocatedPurchase,
	type PersonInNeed,
	type PurchaseSelection,
	type Stock
} from './best-purchases';
