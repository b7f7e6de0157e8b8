import type pg from 'pg';
import { chosenOption, unitOf } from '../../../core/questionnaire/answers/fields';
import type { Corner } from '../../../core/workstation/corner/corner';
import type { LengthUnit } from '../../../core/body/length/mm';
import type { Plan } from '../../../core/plan/plan-corner';
import { sideViewOf, type SideView } from '../../../core/workstation/side-view/side-view';
import type { DrawingStyle } from '../../../core/workstation/side-view/drawing-style';
import { yieldToEventLoop } from '../yield-to-event-loop';

/** Draws side views as SVG files, for a reader: a part of the interface, which the server doesn't know. */
export type DrawSideViews = (
	views: readonly SideView[],
	reader: { readonly language: string; readonly unit: LengthUnit }
) => Promise<readonly string[]>;

/** Workstations read at once. */
const CHUNK = 100;

interface Drawn {
	readonly id: string;
	readonly answers: Readonly<Record<string, string>>;
	readonly language: string;
	readonly corner: Corner;
	readonly plan: Plan | null;
}

/** Plans in use, by self-assessment: the workstation as measured, and what was planned for it. */
const IN_USE = `select a.id, a.answers, p.language, plans.workstation as corner, plans.plan from assessments a
	join plans on plans.assessment_id = a.id and plans.ended_at is null join people p on p.id = a.person_id
	where a.id > $1 and ($2::uuid is null or a.person_id = $2) order by a.id limit ${CHUNK}`;

const viewsOf = ({ corner, plan, answers }: Drawn): [string, SideView][] => {
	const drawnAs: DrawingStyle = chosenOption(answers, 'drawnAs');
	return [
		['measured', sideViewOf(corner, null, null, drawnAs)],
		...(plan ? [['planned', sideViewOf(corner, plan, null, drawnAs)] satisfies [string, SideView]] : [])
	];
};

/**
 * The side views of every workstation with a plan, as measured and as planned. Cost: a drawing takes a few milliseconds; other requests
 * go on between two.
 * @param person id of the only person; null for everyone
 */
export async function* archivedDrawings(
	client: pg.ClientBase,
	draw: DrawSideViews,
	person: string | null
): AsyncGenerator<{ readonly path: string; readonly svg: string }> {
	let after = '00000000-0000-0000-0000-000000000000';
	for (;;) {
		const { rows } = await client.query<Drawn>(IN_USE, [after, person]);
		for (const row of rows) {
			const views = viewsOf(row);
			const drawings = await draw(
				views.map(([, view]) => view),
				{ language: row.language, unit: unitOf(row.answers) }
			);
			for (const [i, svg] of drawings.entries())
				yield { path: `drawings/${row.id}/${views[i]?.[0] ?? ''}.svg`, svg };
			await yieldToEventLoop();
		}
		const last = rows.at(-1);
		if (!last || rows.length < CHUNK) return;
		after = last.id;
	}
}
