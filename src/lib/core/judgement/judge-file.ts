import { workCalendarOfPlace } from '../calendar/public-holidays';
import { planCorner } from '../plan';
import type { Rules } from '../rules';
import type { PersonFile } from './file';
import { judge } from './judge';
import { unclosableChecks } from './open-reports';
import type { Judgement } from './judgement';

/** Judges a file that keeps no plan of its own: the best for its newest corner is solved first. For the command line. */
export function judgeFile(file: PersonFile, rules: Rules): Judgement {
	const corner = file.answers.filter((a) => a.corner !== null).at(-1)?.corner ?? null;
	const plan = (corner && planCorner(corner, 1).plans[0]) ?? null;
	return judge(file, {
		rules,
		calendar: workCalendarOfPlace(file.place),
		plan,
		unclosable: unclosableChecks(plan)
	});
}
