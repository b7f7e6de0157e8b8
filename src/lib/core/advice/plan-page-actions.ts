import type { Action } from '../case-assessment/actions';
import type { FirstAction } from './first-actions';

/** So many acts are shown at once: nobody does more on one day. */
const MOST_ACTS = 3;

/**
 * What the page of a plan begins with, three acts at most: what is open of everything that this person can do, in the order of the judgement, and in
 * their place there what the corner alone says: a better spot where nothing makes this one fit, a length to measure first, and at the end
 * what would help.
 *
 * @param actions everything that is open, by the judgement
 * @param first what the corner alone says
 */
export function planPageActions(actions: readonly Action[], first: readonly FirstAction[]): Action[] {
	const said = (act: Action['act']): Action[] => first.filter((one) => one.act === act);
	const isAmong = (act: Action['act']) => actions.some((one) => one.act === act);
	const hazards = actions.filter(({ act }) => act === 'hazard');
	const others = actions.filter(({ act }) => act !== 'hazard');
	const builds = others.findIndex(({ act }) => act === 'build');
	const acts = [
		...hazards,
		...(isAmong('spot') ? [] : said('spot')),
		...(builds < 0 ? others : others.slice(0, builds)),
		...(builds < 0 ? [] : [...said('measure'), ...others.slice(builds)]),
		...said('ask')
	];
	return acts
		.filter((act, i) => acts.findIndex((one) => one.act === act.act && one.what === act.what) === i)
		.slice(0, MOST_ACTS);
}
