export { cheapestSensible } from './cheapest-sensible';
export { purchaseOffers, type PurchaseOffer } from './purchase-offers';
export {
	helpedByLargerBudget,
	purchasesWithin,
	WORTH_WITHOUT_DISCOMFORT,
	type AllocatedPurchase,
	type PersonInNeed,
	type PurchaseSelection,
	type SelectionProof,
	type Stock
} from './best-purchases';
