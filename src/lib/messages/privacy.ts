import type { WhoSees } from '../core/platform/access/who-sees';
import type { Organisation } from '../core/platform/organisation';
import type { Retention } from '../core/platform/retention';
import { privacyTexts as german } from './de/questionnaire/privacy';
import { privacyTexts as spanish } from './es/questionnaire/privacy';
import { privacyTexts as french } from './fr/questionnaire/privacy';
import { privacyTexts as english } from './en/questionnaire/privacy';
import { languageOf, type Language } from './languages';
import type { PrivacyTexts } from './shapes';
import type { PrivacyLine } from './text-parts';

/** What privacy texts are made from: nothing in them is true by assertion alone. */
export interface PrivacyFacts {
	readonly organisation: Organisation;
	readonly whoSees: WhoSees;
	readonly retention: Retention;
	/** People that a published total is of at least. */
	readonly leastPeople: number;
}

const PRIVACY_TEXTS: Readonly<Record<Language, PrivacyTexts>> = {
	en: english,
	de: german,
	fr: french,
	es: spanish
};

/** The privacy statement: in brief before people answer, in full at any time. */
export interface PrivacyLines {
	readonly brief: readonly PrivacyLine[];
	readonly full: readonly PrivacyLine[];
}

/** The privacy statement in a language. */
export function privacyLines(facts: PrivacyFacts, locale: string): PrivacyLines {
	const texts = PRIVACY_TEXTS[languageOf(locale)];
	const { organisation, whoSees, retention, leastPeople } = facts;
	const participation: PrivacyLine = [texts.participation.term, texts.participation.words(organisation)];
	const seenBy: PrivacyLine = [
		texts.seenBy.term,
		texts.seenBy.words(whoSees, organisation.name, leastPeople)
	];
	const howLong: PrivacyLine = [texts.howLong.term, texts.howLong.words(retention, organisation.name)];
	const questions: readonly PrivacyLine[] =
		organisation.contactName === '' ? [] : [[texts.questions.term, texts.questions.words(organisation)]];
	return {
		brief: [texts.asked, participation, seenBy, howLong, texts.rights, texts.limits],
		full: [
			texts.asked,
			texts.why,
			participation,
			seenBy,
			texts.passedOn,
			howLong,
			texts.stays,
			texts.rights,
			texts.complaints,
			texts.limits,
			...questions
		]
	};
}
