export { adviseCorner, keptAdvice, type Advice, type KeptAdvice, type KeptPurchase } from './advise-corner';
export {
	actsOf,
	advisedFindings,
	type AdvisedFinding,
	type FindingFate,
	type AnsweredAbout
} from './advised-findings';
export { OTHER_CHECK_IDS, otherChecks, type OtherCheck, type OtherCheckId } from './other-checks';
export { sideLookOf, type SideLook, type SidePointId } from './side-look';
export { offersOf, stepsToDo, type Offer } from './offers';
