import { Type } from 'typebox';
import { QUESTIONNAIRE_MODES } from '../../core/answers';
import { BREAK_SCHEDULES } from '../../core/breaks/break-schedules';
import { SITTING_STYLES } from '../../core/corner';
import { day, text, version } from '../http/fields';
import { formReader } from '../http/read-body';
import { PERSON_FIELDS } from '../../core/people/person-fields';
import type { RoundInput } from './edit-rounds';

/** What a round's email says, and until when it can be answered. */
export const ROUND_TEXT_FIELDS = { subject: text(150), body: text(5000), dueOn: day };

/** Reads the form for editing a round. Teams are lines of one field. */
export const readRoundForm = formReader({
	name: text(80),
	teams: Type.Optional(text(20_000)),
	country: Type.Optional(PERSON_FIELDS.country),
	within: Type.Optional(Type.String({ pattern: '^[0-9]{0,4}$' })),
	way: Type.Enum(SITTING_STYLES),
	route: Type.Enum(QUESTIONNAIRE_MODES),
	rhythm: Type.Enum(BREAK_SCHEDULES),
	...ROUND_TEXT_FIELDS,
	startsOn: day,
	timeZone: PERSON_FIELDS.timeZone,
	version: Type.Optional(version)
});

type RoundForm = Awaited<ReturnType<typeof readRoundForm>>;

/** The round that a form describes. */
export function roundOfForm({
	teams = '',
	country = '',
	within = '',
	version: _,
	...rest
}: RoundForm): RoundInput {
	return {
		...rest,
		body: rest.body.replaceAll('\r\n', '\n'),
		filter: {
			teams: teams.split(/\r?\n/).filter((team) => team !== ''),
			country,
			notAnsweredWithinDays: Number(within || 0)
		}
	};
}
