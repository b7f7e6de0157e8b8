import { habits } from './habits';
import { lists } from './lists';
import { checkIn } from './check-in';
import { checks, measurable } from './checks';
import { messages, withdraw } from './correspondence';
import { dates } from './dates';
import { discomfort } from './discomfort';
import { device, faults, frame, kit, nav, start, stuck, withoutNetwork } from './frame';
import { desk, look, lookThings } from './look';
import { measure } from './measuring';
import { light, otherChecks } from './other-checks';
import { again, ladder, open, plan, spots } from './plan';
import { section } from './section';
import { closer, side, sizes } from './side-look';
import { steps, wayOf, ways } from './steps';
import { backTest, style } from './style';
import { care, fields, first, hints, issues, options, pages, picks, routes, things } from './walk';

/** English texts of the employee's door, the checks and the steps, by subject. Another language is another folder of this shape. */
export const en = {
	locale: 'en',
	/** Dates are written day first. */
	dateLocale: 'en-GB',
	lists,
	dates,
	product: 'Easy Corner',
	frame,
	kit,
	stuck,
	routes,
	picks,
	start,
	pages,
	first,
	discomfort,
	care,
	nav,
	fields,
	hints,
	options,
	issues,
	things,
	checks,
	measurable,
	section,
	steps,
	side,
	habits,
	closer,
	sizes,
	ways,
	wayOf,
	style,
	backTest,
	ladder,
	plan,
	open,
	otherChecks,
	light,
	again,
	spots,
	look,
	lookThings,
	desk,
	device,
	withoutNetwork,
	measure,
	withdraw,
	checkIn,
	messages,
	faults
};
