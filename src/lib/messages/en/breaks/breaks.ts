import type { BreakKind, BreakSchedule, StandingShare } from '../../../core/breaks/break-schedules';
import type { ExerciseId, PhaseId, ExerciseSide } from '../../../core/breaks/exercise';

const hours = (minutes: number) => {
	const [h, m] = [Math.floor(minutes / 60), minutes % 60];
	if (h === 0) return `${m} min`;
	return m === 0 ? `${h} h` : `${h} h ${m} min`;
};

/** Breaks: how often, when in the day, and what to do in them. Facts: common practice. */
export const breakTexts = {
	hours,
	breakSchedules: {
		few: {
			name: 'A few real breaks',
			why: 'Three minutes every hour and a quarter, and up for a moment every half hour. It fits most days, so we start with it.'
		},
		'half-hour': {
			name: 'Up every half hour',
			why: 'Some minutes on your feet each half hour.'
		},
		twenty: {
			name: 'Up every 20 minutes',
			why: 'Short and often: a minute each time, with the look away.'
		},
		stairs: {
			name: 'A flight of stairs every 35 minutes',
			why: 'A little less often, but enough to make your legs work.'
		},
		hour: {
			name: 'Ten minutes every hour',
			why: 'Long breaks, with half a minute for chest and hands in between.'
		},
		'small-changes': {
			name: 'Change something every 8 minutes',
			why: 'No position is good for long, so you shift all the time.'
		},
		walks: {
			name: 'A short walk every quarter of an hour',
			why: 'For people who find that only walking helps.'
		}
	} satisfies Record<BreakSchedule, { name: string; why: string }>,
	/** Other wording for someone who stays seated. */
	seatedBreakSchedules: {
		few: {
			name: 'A few real breaks',
			why: 'Three minutes every hour and a quarter, and a small change every half hour. It fits most days, so we start with it.'
		},
		'half-hour': {
			name: 'Shift your weight every half hour',
			why: 'Some minutes of shifting and moving each half hour.'
		},
		twenty: {
			name: 'Shift your weight every 20 minutes',
			why: 'Short and often: a minute each time, with the look away.'
		},
		stairs: {
			name: 'A minute of moving every 35 minutes',
			why: 'A little less often, but enough to get your blood going.'
		},
		walks: {
			name: 'A minute of moving every quarter of an hour',
			why: 'For people who find that only moving helps.'
		}
	} satisfies Partial<Record<BreakSchedule, { name: string; why: string }>>,
	shares: {
		moving: 'Change at each break: moving is what matters',
		half: 'About half and half',
		mostly: 'More standing than sitting'
	} satisfies Record<StandingShare, string>,
	kinds: {
		up: 'Get up and move',
		stand: 'Up for a moment',
		micro: 'Open your chest and hands',
		shift: 'Change something',
		eyes: 'Look far away'
	} satisfies Record<BreakKind, string>,
	/** The same where there is little room. */
	shortKinds: {
		up: 'Break',
		stand: 'Stand',
		micro: 'Chest',
		shift: 'Shift',
		eyes: 'Eyes'
	} satisfies Record<BreakKind, string>,
	/** Instead of getting up, for someone who stays seated. */
	seatedKinds: { up: 'Shift your weight and move', stand: 'Change something' },
	shortSeatedKinds: { stand: 'Change' },
	sides: { left: 'Left side', right: 'Right side' } satisfies Record<NonNullable<ExerciseSide>, string>,
	exercises: {
		'far-look': {
			name: 'Look far away',
			phases: { hold: 'Look at something about 6 m (20 ft) away, and blink.' }
		},
		'chin-back': {
			name: 'Chin back',
			phases: {
				begin: 'Let your chin come forward, a finger on it.',
				hold: 'Draw your chin straight back. Don’t nod.'
			}
		},
		'neck-side': {
			name: 'Neck to the side',
			phases: {
				begin: 'Sit tall, both arms heavy.',
				hold: 'Ear towards your shoulder. The other arm stays heavy; your hand may help, lightly.'
			}
		},
		'shoulder-rolls': {
			name: 'Shoulder rolls',
			phases: {
				begin: 'Arms hanging: shoulders forward and up.',
				hold: 'Roll them back and down, slowly.'
			}
		},
		'chest-open': {
			name: 'Open your chest',
			phases: { begin: 'Sit tall.', hold: 'Clasp your hands behind you and draw your shoulder blades back.' }
		},
		'palms-out': {
			name: 'Palms out',
			phases: {
				begin: 'Elbows at your sides, hands in front.',
				hold: 'Let your arms hang, turn your palms out and bend your wrists back. Shoulder blades down.'
			}
		},
		forearm: {
			name: 'Forearm',
			phases: {
				hold: 'Arm out in front, palm up: draw your fingers down with the other hand.',
				'hold-2': 'The same with your palm down.'
			}
		},
		thumbs: {
			name: 'Thumb patterns',
			phases: { hold: 'Draw circles, squares and figures of eight in the air with your thumbs.' }
		},
		'seated-arch': {
			name: 'Seated arch',
			phases: {
				begin: 'Sit near the front of the seat. Let your back round and your head sink.',
				hold: 'Roll your hips forward, arch your low back a little and lift your chest.'
			}
		},
		'seated-turn': {
			name: 'Seated turn',
			phases: {
				begin: 'Sit tall, feet flat.',
				hold: 'One hand on the opposite thigh: turn your chest to the side, and look where you turn.'
			}
		},
		'seated-march': {
			name: 'Knee lifts',
			phases: { begin: 'Sit tall, arms hanging.', hold: 'Lift one knee, your back staying tall.' }
		},
		'hip-front': {
			name: 'Front of the hip',
			phases: {
				begin: 'Hold on to the back of a chair.',
				hold: 'One foot a long step back, heel up. Tuck your seat under until you feel the front of that hip.'
			},
			caution: 'Take a chair that can’t roll.'
		},
		'knee-straight': {
			name: 'Straight knee',
			phases: { begin: 'Sit tall, arms hanging.', hold: 'Straighten one knee, toes up.' }
		},
		'thigh-back': {
			name: 'Back of the thigh',
			phases: {
				begin: 'Heel on a chair that can’t roll, toes up.',
				hold: 'Lean forward from your hips, your back long.'
			},
			caution: 'Push the chair against a wall first. Hold on to something if you sway.'
		},
		'ankle-pumps': {
			name: 'Ankle pumps',
			phases: { begin: 'Heels down, toes up.', hold: 'Toes down, heels up.' }
		},
		'calf-raises': {
			name: 'Calf raises',
			phases: { begin: 'Hold on to the back of a chair.', hold: 'Up on your toes, then slowly down.' },
			caution: 'Take a chair that can’t roll.'
		},
		'doorway-level': {
			name: 'Doorway, arms level',
			phases: {
				begin: 'Forearms on the frame, level with your shoulders, one foot forward.',
				hold: 'Let your chest lead through the door.'
			}
		},
		'doorway-high': {
			name: 'Doorway, arms high',
			phases: {
				begin: 'Forearms on the frame, elbows higher than your shoulders, one foot forward.',
				hold: 'Let your chest lead through the door.'
			}
		},
		'weight-shift': {
			name: 'Shift your weight',
			phases: {
				begin: 'Feet supported, hands on your thighs.',
				hold: 'Lean to one side until the other side of your seat is free. Breathe on.'
			},
			caution: 'In a wheelchair put your brakes on first. Lean only as far as you can come back.'
		},
		change: {
			name: 'Change something',
			phases: { hold: 'Shift your weight, lean, move your arms: anything that differs from before.' }
		},
		'stand-up': {
			name: 'Up for a moment',
			phases: { hold: 'Stand up, look far away, and sit down differently.' }
		},
		walk: {
			name: 'A glass of water',
			phases: { hold: 'Walk on the flat. Anywhere will do.' }
		},
		stairs: {
			name: 'One flight of stairs',
			phases: { hold: 'Up or down, at your pace. No stairs? Walk anywhere.' }
		}
	} satisfies Record<
		ExerciseId,
		{ name: string; phases: Partial<Record<PhaseId, string>>; caution?: string }
	>,
	stopAtPain: 'Stop if it hurts: you should feel a stretch, never pain.',
	heldBack: {
		sign: (region: string) =>
			`Nothing for your ${region} here: from what you reported, a doctor should look at it first.`,
		'too-bad': (region: string) => `Nothing that pulls at your ${region} while it hurts this much.`,
		all: {
			urgent:
				'You reported a warning sign that a doctor should see today. Until then, we don’t offer exercises that strain or stretch.',
			sign: 'You reported a warning sign, so we don’t offer exercises that strain or stretch. Ask a doctor first.',
			surgery:
				'You had surgery recently, so we don’t offer exercises that strain or stretch. Ask your doctor what you can do.'
		}
	},
	day: {
		title: 'Your day',
		lead: 'The best desk doesn’t help if you keep still. Tell us about your day, and we’ll fit breaks in between your meetings.',
		longest: (minutes: number) => `You sit ${hours(minutes)} at most in one go.`,
		longestSeated: (minutes: number) => `You stay ${hours(minutes)} at most without a change.`,
		longestAnyPlace: (minutes: number) => `You stay ${hours(minutes)} at most in one place.`,
		without: (minutes: number) => `Without breaks it would be ${hours(minutes)}.`,
		asMeant: 'This follows your break schedule with as few breaks as possible.',
		noLess: 'Your meetings don’t leave more room: we never plan a break during a meeting.',
		standing: (percent: number) => `You stand for about ${percent}% of your work.`,
		strip: 'Your day from left to right. The table below says the same.',
		key: {
			sit: 'sitting',
			stand: 'standing',
			meeting: 'in a meeting',
			rest: 'lunch, or a walking call',
			up: 'break',
			small: 'small break'
		},
		moment: {
			label: 'Look at a moment of your day',
			at: (time: string, what: string) => `${time}: ${what}`,
			sitting: (n: number) => (n === 1 ? 'sitting at your table' : `sitting at workstation ${n}`),
			standing: (n: number) => (n === 1 ? 'standing at your table' : `standing at workstation ${n}`),
			meeting: 'in a meeting',
			rest: (until: string) => `lunch, or a walking call, until ${until}`,
			pause: (kind: string, exercise: string) => (exercise ? `${kind}, with ${exercise}` : kind),
			since: (minutes: number) => (minutes === 0 ? 'You’ve just begun.' : `For ${hours(minutes)} so far.`),
			until: (time: string) => `The next change is at ${time}.`,
			noDrawing: 'There’s no drawing yet: this workstation hasn’t been answered.'
		},
		hoursLegend: 'When you work',
		from: 'From',
		to: 'To',
		lunch: 'Lunch at',
		noLunch: 'No lunch break',
		lunchTakes: 'Lunch takes',
		meetings: 'Meetings and calls',
		file: 'Your calendar for that day, as a file',
		fileHint:
			'Most calendars can export one. Its name ends in “.ics”. We read it on this device and don’t send it anywhere.',
		fileBad: 'This isn’t a calendar file. Export your calendar as a file ending in “.ics”, then choose it.',
		fileNone: 'Nothing in this file takes time on that day.',
		fileRead: (n: number) => (n === 1 ? 'One meeting was read.' : `${n} meetings were read.`),
		typical: 'Use a typical day',
		clear: 'No meetings',
		add: 'Add a meeting',
		at: 'At',
		takes: 'For',
		call: 'It’s a call',
		remove: (what: string) => `Remove: ${what}`,
		meeting: 'Meeting',
		aCall: 'Call',
		walkCalls: 'Walk during calls',
		breakSchedule: 'How often',
		asSet: (name: string) => `Set for you: ${name}`,
		share: 'Sitting and standing',
		still:
			'Standing still for long is as bad as sitting still. Put one foot ahead, or one foot up on something low, and change.',
		keep: 'Save this schedule',
		kept: 'Saved.',
		others: 'Experts don’t agree on one break schedule. The best is one that you’ll follow.',
		real: (n: number, minutes: number) =>
			`${n === 1 ? 'One break' : `${n} breaks`} today, ${hours(minutes)} in all.`,
		smallToo: (n: number) =>
			n === 1
				? 'One small break in between, without a reminder.'
				: `${n} small breaks in between, without reminders.`,
		showSmall: (n: number) => `Small breaks (${n})`,
		time: 'Time',
		what: 'Activity',
		place: 'Then work at',
		places: {
			sitting: (n: number) => (n === 1 ? 'your table' : `your workstation ${n}, sitting`),
			standing: () => 'your standing workstation'
		},
		carry: (things: string) => `When you change places, take ${things} with you.`,
		carried: { laptop: 'your laptop', keyboard: 'your keyboard', mouse: 'your mouse' },
		laptopAlone:
			'You type on the laptop itself, so your neck or your wrists have to bend. Change places at each break.',
		ics: 'Download the breaks as a calendar',
		icsHint: 'Open the file with your calendar. It has an alarm for each break.',
		icsDays: 'For',
		today: 'today',
		week: 'five working days from today',
		icsName: 'Breaks',
		icsText: 'Time to move. Your break page shows the exercise.',
		begin: 'Take a break now',
		shareTitle: 'Does your coordinator see this?',
		shareLead:
			'No, unless you choose to share. Your breaks stay on this device. You can share two numbers a week: how many breaks were planned, and how many you took.',
		shareYes: 'Share my weekly totals',
		shareNo: 'Stop sharing and delete what I shared',
		isShared: 'You share your weekly totals.'
	},
	pause: {
		title: 'A break',
		nextIn: (what: string, at: string) => `Next: ${what} at ${at}`,
		inMinutes: (minutes: number) => (minutes <= 0 ? 'in less than a minute' : `in ${hours(minutes)}`),
		noMore: 'No more breaks are planned for today.',
		which: 'Kind of break',
		begin: 'Start',
		go: 'Continue',
		hold: 'Pause',
		skip: 'Skip this exercise',
		shorter: 'Make it shorter',
		hurts: 'This hurts',
		again: 'Once more',
		round: (n: number, of: number) => `${n} of ${of}`,
		left: (seconds: number) => `${seconds} s left`,
		inAll: (n: number, seconds: number) =>
			`${n === 1 ? 'One exercise' : `${n} exercises`}, ${seconds >= 90 ? `${Math.round(seconds / 60)} min` : `${seconds} s`}`,
		nothing: 'No exercise here suits you right now. Look far away, and change how you sit.',
		none: 'No break this time.',
		noneLead: 'You skipped everything. Take a break when it suits you.',
		snooze: 'Ask again in 10 minutes',
		snoozed: (at: string) => `We’ll ask again at ${at}.`,
		done: 'That was your break.',
		doneLead: 'Sit differently from before.',
		taken: (n: number) => (n === 1 ? 'One break today.' : `${n} breaks today.`),
		stopped: 'Stopped. We won’t offer this exercise again on this device.',
		tell: 'Tell your coordinator',
		bringBack: 'Offer this exercise again',
		due: (what: string) => `Time for a break: ${what}`,
		sound: 'Play a sound when something changes',
		vibrate: 'Vibrate',
		notify: 'Notify me when a break is due',
		small: 'Notify me of small breaks too',
		notifyRefused: 'This browser doesn’t allow notifications from us. You can change that in its settings.',
		keepOpen: 'Keep this page open in a tab. The timer continues in the background.',
		seated: 'I stay seated: nothing on my feet',
		chair: 'There’s a chair here that can’t roll',
		doorway: 'There’s a doorway that I can use',
		toDay: 'Your day',
		steps: 'In this break',
		figure: (name: string, words: string) => `Drawing: ${name}. ${words}`
	},
	hurtMessage: (exercise: string) => `The exercise “${exercise}” hurt when I tried it.`
};
