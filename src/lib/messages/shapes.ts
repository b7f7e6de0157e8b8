import type { asideTexts } from './en/platform/aside';
import type { breakTexts } from './en/breaks/breaks';
import type { ChecklistTexts } from './en/questionnaire/checklist';
import type { emailTexts } from './en/platform/emails';
import type { en } from './en/index';
import type { privacyTexts } from './en/questionnaire/privacy';
import type { sittingStyleTexts } from './en/plan/sitting-styles';
import type { startTexts } from './en/questionnaire/start';
import type { stopTexts } from './en/cases/stop';
import type { measuringPageTexts } from './en/body/measuring-page';
import type { trialTexts } from './en/plan/trial';
import type { photoTexts } from './en/body/photo';
import type { sharedSessionTexts } from './en/questionnaire/shared-session';

export type { ChecklistTexts };

/** The shape that every language's catalogue has; the compiler holds a new one to it. */
export type Catalogue = typeof en;

/** Texts of the check-in and of rarely opened pages: withdrawal, reminders, offline. */
export type AsideTexts = typeof asideTexts;

/** Texts of the day's breaks and of the break page. */
export type BreakTexts = typeof breakTexts;

/** Texts of the page about measuring and of the rulers. */
export type MeasuringPageTexts = typeof measuringPageTexts;

/** Texts of day trials. */
export type TrialTexts = typeof trialTexts;

/** Texts of the side photo. */
export type PhotoTexts = typeof photoTexts;

/** Texts of walkthroughs. */
export type SharedSessionTexts = typeof sharedSessionTexts;

/** Texts of the sitting styles page. */
export type SittingStyleTexts = typeof sittingStyleTexts;

/** Texts of the start page. */
export type StartTexts = typeof startTexts;

/** Texts of the stop page and related pages. */
export type StopTexts = typeof stopTexts;

/** Texts of emails. */
export type EmailTexts = typeof emailTexts;

/** Texts of the privacy information. */
export type PrivacyTexts = typeof privacyTexts;

/** All texts of the employee's door in one language. English is split by page instead, as most people read it. */
export interface LanguagePack {
	readonly catalogue: Catalogue;
	readonly checklist: ChecklistTexts;
	readonly start: StartTexts;
	readonly stop: StopTexts;
	readonly sittingStyles: SittingStyleTexts;
	readonly breaks: BreakTexts;
	readonly measuringPage: MeasuringPageTexts;
	readonly trial: TrialTexts;
	readonly photo: PhotoTexts;
	readonly sharedSession: SharedSessionTexts;
	readonly aside: AsideTexts;
}
