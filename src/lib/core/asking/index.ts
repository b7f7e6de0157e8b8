export { isAnswered, questionsOf, type Asking, type Question } from './question';
export { openQuestions, questionsWorthAsking, routeOf, type WorthAsking } from './questions-worth-asking';
export { isTyped, secondsOf, walkSeconds } from './seconds';
export type { Change, Worth } from './worth';
