import { GROUPINGS, type Grouping } from '../../core/workforce/codes';
import type { FigureView } from '../../core/workforce/view';
import type { Db } from '../platform/db/client';
import { overviewScreen } from './overview';
import { ASKED_BY } from './read-answers';
import {
	answersScreen,
	associationsScreen,
	discomfortScreen,
	equipmentScreen,
	findingsScreen,
	helpScreen,
	stepsScreen,
	timesScreen
} from './screens';

/** Every screen with figures of the workforce, by name: what each contains. All of it can be kept as JSON. */
export const SCREENS = {
	overview: overviewScreen,
	answers: answersScreen,
	discomfort: discomfortScreen,
	findings: findingsScreen,
	associations: associationsScreen,
	help: helpScreen,
	steps: stepsScreen,
	times: timesScreen,
	equipment: equipmentScreen
} as const satisfies Record<string, (db: Db, view: FigureView) => Promise<object>>;

export type ScreenName = keyof typeof SCREENS;

export type ScreenFigures<N extends ScreenName> = Awaited<ReturnType<(typeof SCREENS)[N]>>;

export const isScreenName = (name: string): name is ScreenName => Object.hasOwn(SCREENS, name);

/** The dimensions by which each screen groups people; the others show everyone together. */
export const GROUPED_BY: Readonly<Partial<Record<ScreenName, readonly Grouping[]>>> = {
	answers: ASKED_BY,
	discomfort: GROUPINGS,
	findings: GROUPINGS,
	help: GROUPINGS,
	equipment: GROUPINGS
};

/** Every screen of everyone, and grouped by each dimension: what people look at first. */
export const FIRST_VIEWS: readonly { readonly name: ScreenName; readonly by: Grouping | null }[] = (
	Object.keys(SCREENS) as ScreenName[]
).flatMap((name) => [null, ...(GROUPED_BY[name] ?? [])].map((by) => ({ name, by })));
