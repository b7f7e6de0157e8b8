import type { PlanItem } from '../src/lib/core/cases/case-assessment/vocabulary';
import type { PadKind } from '../src/lib/core/workstation/household/pads';

/** What is true of the generated workforce, so that its figures can be checked: they must find this again. Invented. */
export const TRUTH = {
	/** Share who answer a self-assessment in ordinary teams, and in the quiet one. */
	answers: 0.9,
	quietTeamAnswers: 0.4,
	/** Share who don't begin with their plan before they are reminded, and then do one step at most. */
	startsLate: 0.12,
	/** Of those who begin: share who carry out a step. */
	stepDone: {
		surface: 0.9,
		seat: 0.92,
		feet: 0.88,
		back: 0.85,
		keys: 0.84,
		mouse: 0.88,
		screen: 0.64,
		distance: 0.9,
		tilt: 0.9
	} satisfies Readonly<Record<PlanItem, number>>,
	/** Share of steps in place at the first check-in, two weeks on, and of these at the next one. */
	keptTwoWeeks: { seat: 0.75, other: 0.95 },
	keptAfterThat: { seat: 0.85, other: 0.96 },
	/** Points by which the worst score falls, at least and at most: with the plan carried out, and without. */
	fallsWithPlan: [2, 4],
	fallsWithout: [0, 1],
	/** Share of those who carried out their plan who measure again, and how far off they and their stacks are, standard deviation in mm. */
	measuresAgain: 0.6,
	builtWithinMm: 6,
	/** Share of a pad’s thickness that remains under people, percent. */
	padsLeft: { pillow: 38, cushion: 66 } satisfies Readonly<Record<PadKind, number>>,
	/** Share of those who answered whom a coordinator sees by video, and of the heights they know, on how many the coordinator agrees. */
	seenByVideo: 0.25,
	agreesOnHeights: 0.85,
	/** Share of people helped by equipment who ask for it, and of these who set up their workstation anew once it has come. */
	asksForEquipment: 0.5,
	setsUpAnew: 0.8
} as const;
