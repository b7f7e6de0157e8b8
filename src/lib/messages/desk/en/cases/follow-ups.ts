import { MOST_COUNTED } from '$lib/core/cases/day-sheet';
import { counted, sentence } from '../platform/counted';

/** The follow-up calendar. */
export const followUpTexts = {
	comingWeeks: 'The coming weeks',
	calendarHeading: 'In your own calendar',
	calendarLead:
		'Your calendar can read your follow-ups from a secret address. It shows days and initials, and no health data. A new address replaces the old one.',
	addressShownOnce: 'We show it only once.',
	createAddress: 'Create a new address',
	turnOffAddress: 'Turn off the address',
	addressTurnedOff: 'The address no longer works.',
	purposes: { look: 'Follow-up', 'check-in': 'Check-in', recheck: 'Next self-assessment' },
	/** While a follow-up is carried by the keyboard. */
	carried: (name: string, day: string) => `${name}: ${day}. Press Enter to drop it, Escape to cancel.`,
	moved: (name: string, day: string, isFreeDay: boolean) =>
		`${name} is now on ${day}${isFreeDay ? ', a day off where they live' : ''}.`,
	dayOffThere: 'day off there',
	todayMark: (slice: string | number, hasDay: boolean) => `${slice}${hasDay ? ', today' : ''}`,
	moreOnDay: (day: string | number) => `${day} more`,
	heading: 'Follow-ups',
	summary: (overdue: number, total: number) =>
		`${overdue === 0 ? 'No follow-ups are overdue.' : overdue === 1 ? 'One follow-up is overdue.' : sentence(`${counted(overdue)} follow-ups are overdue.`)} ${total.toLocaleString('en')} shown.`,
	view: 'View',
	views: { month: 'Month', week: 'Week', list: 'List' },
	earlier: 'Earlier',
	today: 'Today',
	later: 'Later',
	dragHint: 'Drag a name to another day. With the keyboard:',
	dragPickUp: 'picks it up, arrow keys move it,',
	enterKey: 'Enter',
	dragDrop: 'drops it.',
	undo: 'Undo',
	undoKey: 'Ctrl Z',
	pageTitle: 'Follow-ups · Easy Corner',
	overdue: 'Overdue',
	/** @param all the overdue ones, counted to MOST_COUNTED; `shown` of them are listed */
	moreInToday: (all: number, shown: number) =>
		all > MOST_COUNTED ? 'and many more in Today' : `and ${(all - shown).toLocaleString('en')} more in Today`,
	fromDay: (from: string | number) => `From ${from}`,
	noneInPeriod: 'No follow-ups in these 60 days.',
	period: (from: string, until: string) => (from === until ? from : `${from} to ${until}`),
	nextDays: 'Next days',
	earlierDays: 'Earlier days',
	undoMove: 'Undo the move',
	moveNotReached: 'We couldn’t reach the server. Nothing was moved. Please try again.',
	moveFailed: 'We couldn’t move this.',
	moveUndone: (name: string, day: string) => `Undone. ${name} is on ${day} again.`,
	undoFailed: 'We couldn’t undo this.'
};
