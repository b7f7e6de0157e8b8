export {
	allPurchases,
	bestPurchases,
	helpedByMore,
	worthOf,
	type Bought,
	type InNeed,
	type Purchases,
	type Stock
} from './best-purchases';
