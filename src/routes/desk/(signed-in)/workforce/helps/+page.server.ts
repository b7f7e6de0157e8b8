import { civilDateIn } from '$lib/core/calendar';
import { breakTotals } from '$lib/server/breaks/break-totals';
import { screenLoad } from '$lib/server/workforce/screen-load';
import { helpScreen } from '$lib/server/workforce/screens';

const load = screenLoad(helpScreen);

export { figures as load };

/** The screen, with how those break who share it: of all together, whatever the view is narrowed to. */
async function figures(event: Parameters<typeof load>[0]) {
	const screen = await load(event);
	const { db, now, config } = event.locals;
	return { ...screen, breaks: await breakTotals(db, civilDateIn(config.timeZone, now)) };
}
