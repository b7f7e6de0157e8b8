import { Type } from 'typebox';
import { QUESTIONNAIRE_MODES } from '../../../core/questionnaire/answers/fields';
import { BREAK_SCHEDULES } from '../../../core/breaks/break-schedules';
import { SITTING_STYLES } from '../../../core/workstation/corner/vocabulary';
import { ROUND_FIELDS } from '../../../core/platform/sending/round-fields';
import { text, version } from '../../platform/http/fields';
import { formReader } from '../../platform/http/read-body';
import type { RoundInput } from './edit-rounds';

const { subject, body, dueOn } = ROUND_FIELDS;

/** What a round's email says, and until when it can be answered. */
export const ROUND_TEXT_FIELDS = { subject, body, dueOn };

/** Reads the form for editing a round. Teams are lines of one field. */
export const readRoundForm = formReader({
	name: ROUND_FIELDS.name,
	teams: Type.Optional(text(20_000)),
	country: Type.Optional(ROUND_FIELDS.country),
	within: Type.Optional(Type.String({ pattern: '^[0-9]{0,4}$' })),
	sittingStyle: Type.Enum(SITTING_STYLES),
	questionnaireMode: Type.Enum(QUESTIONNAIRE_MODES),
	breakSchedule: Type.Enum(BREAK_SCHEDULES),
	...ROUND_TEXT_FIELDS,
	startsOn: ROUND_FIELDS.startsOn,
	timeZone: ROUND_FIELDS.timeZone,
	version: Type.Optional(version)
});

type RoundForm = Awaited<ReturnType<typeof readRoundForm>>;

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
