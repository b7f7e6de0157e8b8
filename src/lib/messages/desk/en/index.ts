import { accountTexts } from './platform/accounts';
import { caseTexts } from './cases/cases';
import { columnTexts } from './platform/columns';
import { contactTexts } from './cases/contacts';
import { crisisLineTexts } from './platform/crisis-lines';
import { daySheetTexts } from './cases/day-sheet';
import { effectTexts } from './platform/effect';
import { equipmentTexts } from './plan/equipment';
import { followUpTexts } from './cases/follow-ups';
import { deskFrameTexts } from './platform/frame';
import { retentionTexts } from './platform/keeping';
import { leftOutTexts } from './questionnaire/left-out';
import { letterTexts } from './cases/letter';
import { organisationTexts } from './platform/organisation';
import { checklistEditorTexts } from './questionnaire/checklist-editor';
import { inspectionTexts } from './cases/inspection';
import { ownTextTexts } from './platform/own-texts';
import { directoryTexts } from './people/directory';
import { mergeTexts } from './people/merge';
import { phoneWalkTexts } from './questionnaire/phone-walk';
import { practiceTexts } from './cases/practice';
import { deskSharedSessionTexts } from './questionnaire/shared-session';
import { policyTexts } from './platform/policy';
import { settingsTexts } from './platform/settings';
import { peopleTexts } from './people/people';
import { referralTexts } from './cases/referrals';
import { replyTexts } from './cases/replies';
import { reportTexts } from './workforce/report-lines';
import { requestTexts } from './plan/requests';
import { rosterTexts } from './people/roster';
import { roundTexts } from './people/rounds';
import { sheetTexts } from './cases/sheet-sentences';
import { stateTexts } from './cases/states';
import { timelineTexts } from './cases/timeline';
import { triageTexts } from './cases/triage';
import { versionTexts } from './platform/versions';
import { waitingEmailTexts } from './platform/waiting-emails';
import { workforceTexts } from './workforce/workforce';

/** English texts of the desk, by subject: they are the shape of every other language. */
export const deskTexts = {
	accounts: accountTexts,
	cases: caseTexts,
	columns: columnTexts,
	contacts: contactTexts,
	crisisLines: crisisLineTexts,
	daySheet: daySheetTexts,
	effect: effectTexts,
	equipment: equipmentTexts,
	followUps: followUpTexts,
	frame: deskFrameTexts,
	keeping: retentionTexts,
	leftOut: leftOutTexts,
	letter: letterTexts,
	organisation: organisationTexts,
	checklistEditor: checklistEditorTexts,
	inspection: inspectionTexts,
	ownTexts: ownTextTexts,
	directory: directoryTexts,
	merge: mergeTexts,
	phoneWalk: phoneWalkTexts,
	practice: practiceTexts,
	sharedSession: deskSharedSessionTexts,
	policy: policyTexts,
	settings: settingsTexts,
	people: peopleTexts,
	referrals: referralTexts,
	replies: replyTexts,
	report: reportTexts,
	requests: requestTexts,
	roster: rosterTexts,
	rounds: roundTexts,
	sheet: sheetTexts,
	states: stateTexts,
	timeline: timelineTexts,
	triage: triageTexts,
	versions: versionTexts,
	waitingEmails: waitingEmailTexts,
	workforce: workforceTexts
};
