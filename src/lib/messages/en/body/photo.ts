import type { PhotoAngle, PhotoIssue, PhotoHeight } from '../../../core/body/side-photo/photo-values';
import type { PhotoMarkName } from '../../../core/body/side-photo/marks';

/** A picture taken from the side, from which angles and lengths are read on the person's own device. */
export const photoTexts = {
	title: 'Measure from a side photo',
	lead: 'One photo from the side can replace a helper with a tape measure. You mark your joints in it, and this page works out the angles and heights.',
	private:
		'The photo never leaves this device. It isn’t sent or saved, and it’s gone when you close this page. Only the numbers are saved, and only if you say so.',
	how: [
		'Put the camera 2 to 3 metres away, level with your elbow, looking straight at your side. Use a timer or ask someone to press the button.',
		'Hold a sheet of A4 flat against your side, facing the camera, or clip it to the armrest. A bank card works too, but less exactly.',
		'Sit as you work, hands on the keyboard. For body lengths, sit up straight.'
	],
	choose: 'Choose a photo',
	take: 'Take a photo',
	another: 'Use another photo',
	notOpened: 'This file can’t be opened as a picture. Choose a JPEG or PNG photo.',
	tooSmall: (px: string) =>
		`This picture is too small to measure in. It needs at least ${px} pixels on its longer side.`,
	needsStature: 'Enter your height on the first page first. The photo is read with it.',
	toStature: 'Enter my height',
	scaleLegend: 'What in the photo has a known size?',
	scales: {
		a4: 'A sheet of A4',
		card: 'A bank card',
		table: 'The table, whose height you measured'
	},
	placeNext: (name: string) => `Next: ${name}. Tap the place in the photo.`,
	allPlaced: 'Everything is marked. Check each mark and move it if it’s off.',
	keys: 'Drag a mark, or select it and use the arrow keys. Hold Shift for larger steps. Enter places the next mark.',
	moveMark: 'Mark to move',
	ways: { left: 'left one pixel', up: 'up one pixel', down: 'down one pixel', right: 'right one pixel' },
	magnifier: 'Magnifier',
	picture: 'Your photo with the marks',
	undo: 'Remove the last mark',
	marks: {
		corner1: 'first corner of the sheet or card',
		corner2: 'second corner of the sheet or card',
		corner3: 'third corner of the sheet or card',
		corner4: 'fourth corner of the sheet or card',
		tableTop: 'top of the table edge beside you',
		floor: 'floor under your heel',
		seat: 'top of the seat under your thigh',
		eye: 'outer corner of the eye',
		ear: 'ear canal',
		neck: 'bone at the base of your neck',
		shoulder: 'middle of the shoulder joint',
		elbow: 'bony outside of the elbow',
		wrist: 'middle of the wrist',
		knuckle: 'knuckle of the little finger',
		hip: 'hip joint, the bone at the side',
		knee: 'outside of the knee joint',
		ankle: 'bony outside of the ankle',
		upright1: 'top of something upright, such as a door frame',
		upright2: 'bottom of the first upright line',
		upright3: 'top of a second upright line, far from the first',
		upright4: 'bottom of the second upright line'
	} satisfies Record<PhotoMarkName, string>,
	skipUpright: 'Nothing more upright in the photo',
	edgesFound: 'The edges of the sheet were found in the photo, and the corners moved onto them.',
	edgesNotFound:
		'The edges don’t stand out from what’s behind them. Place the corners as exactly as you can.',
	result: 'Results from the photo',
	angles: {
		neck: 'Neck: forward from upright',
		'head-trunk': 'Ear, shoulder and hip: in one line is 180°',
		elbow: 'Elbow',
		wrist: 'Wrist: bent up from straight',
		hip: 'Hip: between trunk and thigh',
		knee: 'Knee'
	} satisfies Record<PhotoAngle, string>,
	published: {
		elbow: 'published range 70 to 135°',
		wrist: 'published range within 30°',
		hip: 'published range from 90°'
	},
	source: 'Ranges: ANSI/HFES 100-2007. An angle is a description, not a diagnosis.',
	heights: {
		eye: 'Eye above the floor',
		elbow: 'Elbow above the floor',
		seat: 'Seat above the floor, with you on it'
	} satisfies Record<PhotoHeight, string>,
	value: (value: string, spread: string) => `${value} ± ${spread}`,
	spread: 'In 95 of 100 photos, the true number lies within ±.',
	issues: {
		scale: 'The four corners don’t look like a flat sheet of this size. Check them.',
		'upper-arm':
			'Your upper arm comes out unlikely long or short. Check the shoulder, the elbow and the sheet.',
		'too-near': 'The camera was very close. Step back to at least 1.5 metres.',
		turned: 'The camera looked at you from an angle. Turn it to look straight at your side.'
	} satisfies Record<PhotoIssue, string>,
	lengthsLegend: 'Body lengths to use in your self-assessment',
	straight: 'I sit or stand up straight in this photo',
	needsStraight: 'Lengths count only if you are up straight, as when someone measures you.',
	lengthNow: (length: string) => `now ${length}`,
	notMeasured: 'not measured yet',
	save: 'Save these numbers',
	saveHow: 'Your coordinator sees the numbers together with your answers. The photo stays here.',
	saved: 'The numbers are saved with your answers.',
	remove: 'Delete the numbers from the photo',
	removed: 'The numbers from the photo are deleted.',
	overlay: 'Dashed: you in the photo, over the side view from your answers.',
	back: 'Back to the questions'
};
