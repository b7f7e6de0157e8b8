import { workCalendarOfPlace } from '../calendar/public-holidays';
import { planCorner } from '../plan';
import type { Rules } from '../rules';
import { newestCorner, type PersonFile } from './file';
import { judge } from './judge';
import { unclosableChecks } from './open-reports';
import type { Judgement } from './judgement';

/** Judges a file by itself: the best that the home can do for its newest corner is solved first. For the command line. */
export function judgeFile(file: PersonFile, rules: Rules): Judgement {
	const corner = newestCorner(file);
	const best = (corner && planCorner(corner, 1).plans[0]) ?? null;
	return judge(file, {
		rules,
		calendar: workCalendarOfPlace(file.place),
		unclosable: unclosableChecks(best)
	});
}
