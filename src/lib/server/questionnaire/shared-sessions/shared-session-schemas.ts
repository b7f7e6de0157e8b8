import { Type } from 'typebox';
import { SHARED_SESSION_STATIONS } from '../../../core/questionnaire/shared-session/stations';
import { text } from '../../platform/http/fields';

/** Where one side points: a station, and a question of it or none. */
export const pointSchema = Type.Object(
	{ station: Type.Enum(SHARED_SESSION_STATIONS), question: Type.Union([text(60), Type.Null()]) },
	{ additionalProperties: false }
);
