import type { Corner } from '../../workstation/corner/corner';
import { armsLengthMm } from '../../workstation/desk/reach';
import type { PlanStep } from '../plan-steps';
import { distanceBand } from '../../body/sight/viewing-distance';

/** How far from the screen someone is told to sit; one answer, so that no two pages disagree. Lengths in mm. */
export type AdvisedViewingDistance =
	/** Set by a step of the plan. */
	| { readonly by: 'plan'; readonly mm: number }
	/** The person's own arm's length, from the shoulder to the fingertips, where that is a good distance for this screen. */
	| { readonly by: 'arm'; readonly mm: number }
	| { readonly by: 'band'; readonly low: number; readonly high: number };

/** How far from their screen a person is told to sit. @param steps of the plan that they are shown */
export function advisedViewingDistance(
	{ person, spot }: Pick<Corner, 'person' | 'spot'>,
	steps: readonly PlanStep[]
): AdvisedViewingDistance {
	const setTo = steps.find(({ place }) => place === 'distance')?.setTo ?? null;
	if (setTo !== null) return { by: 'plan', mm: setTo };
	const band = distanceBand(spot.screen, person.lenses);
	const mm = armsLengthMm(person);
	return mm >= band.low && mm <= band.high ? { by: 'arm', mm } : { by: 'band', ...band };
}
