import { STATIONS } from '$lib/core/workstation/household/stations';
import { formatLength } from '$lib/core/body/length/format-length';
import type { LengthUnit } from '$lib/core/body/length/mm';
import type { SideView } from '$lib/core/workstation/side-view/side-view';
import type { Catalogue } from '$lib/messages/shapes';
import { checkText } from '../gap-mark/check-words';

/** Everything the side view shows, in sentences: heights, stacks, checks. */
export function sectionWords(section: SideView, t: Catalogue, unit: LengthUnit): string {
	const length = (mm: number) => formatLength(mm, unit, { locale: t.locale });
	// Everything else is as in the drawing of the plan, and described there.
	if (section.stool) return t.section.text.oneKnee(length(section.stool.height));
	const { surface, screen, pieces } = section.furniture;
	const heights = [
		...section.levels.map(({ name, y }) => `${t.section.levels[name]} ${length(y)}`),
		`${t.section.surface} ${length(surface.y + surface.height)}`,
		`${t.section.screenTop} ${length(screen.top.y)}`
	];
	const stacks = STATIONS.flatMap((station) => {
		const here = pieces.filter((piece) => piece.station === station);
		if (here.length === 0) return [];
		const rise = here.reduce((sum, piece) => sum + piece.height, 0);
		return [
			t.section.text.stack(t.steps.places[station], t.lists.plain(here.map((p) => p.label)), length(rise))
		];
	});
	return [
		t.section.text.intro(section.posture),
		t.section.text.heights(t.lists.plain(heights)),
		...(stacks.length > 0 ? stacks : [t.section.text.nothingBuilt]),
		...section.checks.map((check) => checkText(check, t, unit, section.certainty[check.id]))
	].join(' ');
}
