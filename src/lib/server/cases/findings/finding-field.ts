import { Type, type TUnsafe } from 'typebox';
import { FINDING_IDS, type FindingId } from '../../../core/questionnaire/checklist/findings';
import { OWN_ID_PATTERN } from '../../../core/questionnaire/checklist/own-ids';

/** A field that names a finding, shipped or added by the organisation. */
export const findingId: TUnsafe<FindingId> = Type.Unsafe<FindingId>({
	anyOf: [{ enum: FINDING_IDS }, { type: 'string', pattern: `^${OWN_ID_PATTERN}$` }]
});
