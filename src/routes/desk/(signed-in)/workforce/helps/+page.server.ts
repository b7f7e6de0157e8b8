import { civilDateIn } from '$lib/core/platform/calendar/time-zone';
import { breakTotals } from '$lib/server/breaks/break-totals';
import { screenLoad } from '$lib/server/workforce/screen-load';

const load = screenLoad('help');

export { figures as load };

/** The screen, with the break habits of those who share them: of all people together, whatever filter the view has. */
async function figures(event: Parameters<typeof load>[0]) {
	const screen = await load(event);
	const { db, now, timeZone } = event.locals;
	return { ...screen, breaks: await breakTotals(db, civilDateIn(timeZone, now)) };
}
