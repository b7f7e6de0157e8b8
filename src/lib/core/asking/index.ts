export { isAnswered, questionsOf, type Asking, type Question } from './question';
export { openQuestions, questionsWorthAsking, routeOf, type WorthAsking } from './questions-worth-asking';
export { closerOf, type Closer } from './closer';
export { PROMISED_MINUTES } from './promise';
export { isTyped, secondsOf, walkSeconds } from './seconds';
export type { Change, Worth } from './worth';
export {
	isFieldOf,
	minutesLeft,
	pageAfter,
	pageBefore,
	questionAfter,
	questionBefore,
	walkOf,
	type Walk
} from './walk';
