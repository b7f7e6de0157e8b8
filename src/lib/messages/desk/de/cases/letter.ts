import type { DeskTexts } from '../../shapes';

/** The referral letter, in a clinician's words. */
export const letterTexts: DeskTexts['letter'] = {
	consent: {
		spoken: 'hat dieser Überweisung mündlich zugestimmt',
		written: 'hat dieser Überweisung schriftlich zugestimmt'
	},
	/** What a misfit does to the posture. Common practice. */
	loads: {
		knee: {
			low: 'Hüfte und Knie stärker als rechtwinklig gebeugt',
			high: 'Füße ohne Auflage, Druck unter den Oberschenkeln'
		},
		elbow: {
			low: 'beim Tippen Schultern hochgezogen oder Handgelenke gestreckt',
			high: 'Rumpf und Hals gebeugt, um die Tasten zu erreichen'
		},
		eye: {
			low: 'Hals gebeugt beim Blick auf den Bildschirm',
			high: 'Hals überstreckt beim Blick auf den Bildschirm'
		},
		thigh: { low: 'kein Platz für die Oberschenkel', high: 'keine Belastung' }
	},
	postures: { sitting: 'im Sitzen', standing: 'im Stehen' },
	seats: {
		chair: 'auf einem Stuhl',
		stool: 'auf einem Hocker',
		ball: 'auf einem Gymnastikball',
		wheelchair: 'im Rollstuhl',
		sofa: 'auf einem Sofa',
		bed: 'auf einem Bett',
		saddle: 'auf einem Sattelsitz',
		kneeling: 'auf einem Kniestuhl',
		floor: 'auf dem Boden'
	}
};
