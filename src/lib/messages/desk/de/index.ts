import type { DeskTexts } from '../shapes';
import { accountTexts } from './accounts';
import { caseTexts } from './cases';
import { columnTexts } from './columns';
import { contactTexts } from './contacts';
import { crisisLineTexts } from './crisis-lines';
import { daySheetTexts } from './day-sheet';
import { effectTexts } from './effect';
import { equipmentTexts } from './equipment';
import { followUpTexts } from './follow-ups';
import { deskFrameTexts } from './frame';
import { retentionTexts } from './keeping';
import { leftOutTexts } from './left-out';
import { letterTexts } from './letter';
import { organisationTexts } from './organisation';
import { checklistEditorTexts } from './checklist-editor';
import { inspectionTexts } from './inspection';
import { ownTextTexts } from './own-texts';
import { directoryTexts } from './directory';
import { mergeTexts } from './merge';
import { phoneWalkTexts } from './phone-walk';
import { practiceTexts } from './practice';
import { deskWalkthroughTexts } from './walkthrough';
import { policyTexts } from './policy';
import { settingsTexts } from './settings';
import { peopleTexts } from './people';
import { referralTexts } from './referrals';
import { replyTexts } from './replies';
import { reportTexts } from './report-lines';
import { requestTexts } from './requests';
import { rosterTexts } from './roster';
import { roundTexts } from './rounds';
import { sheetTexts } from './sheet-sentences';
import { stateTexts } from './states';
import { timelineTexts } from './timeline';
import { triageTexts } from './triage';
import { waitingEmailTexts } from './waiting-emails';
import { workforceTexts } from './workforce';

/** German texts of the desk, in formal address. */
export const deskTexts: DeskTexts = {
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
	walkthrough: deskWalkthroughTexts,
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
	waitingEmails: waitingEmailTexts,
	workforce: workforceTexts
};
