import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { DrawnLevel, SideView } from '$lib/core/workstation/side-view/side-view';
import type { Catalogue } from '$lib/messages/shapes';
import type { Frame } from './frame';
import type { LabelWords } from './free-place';

/** A height above the floor drawn across to the ruler: its line, up to the point measured, and its label. px. */
export interface LevelLabel {
	readonly name: DrawnLevel['name'];
	readonly lineY: number;
	readonly lineTo: number;
	readonly text: string;
	readonly words: LabelWords;
}

/** Width of a letter of these labels, px. */
const LETTER_PX = 6.7;
/** Distance of labels above their line, px. */
const OVER_PX = 4;

/** The heights of a side view, labelled at the ruler. */
export function levelLabels(section: SideView, frame: Frame, t: Catalogue, unit: LengthUnit): LevelLabel[] {
	const at = { eye: section.eye.x, elbow: section.joints[1]?.x ?? 0, seat: 10 };
	return section.levels.map(({ name, y }) => {
		const text = `${t.section.levels[name]} ${formatLength(y, unit, { withUnit: false, locale: t.locale })}`;
		const words: LabelWords = {
			x: frame.rulerPx,
			y: frame.y(y) - OVER_PX,
			anchor: 'start',
			widthPx: text.length * LETTER_PX,
			lines: 1
		};
		return { name, lineY: frame.y(y), lineTo: frame.x(at[name]), text, words };
	});
}
