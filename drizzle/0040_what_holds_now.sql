-- For the exclusion constraint below; the extension comes with PostgreSQL and is trusted.
CREATE EXTENSION IF NOT EXISTS btree_gist;--> statement-breakpoint
-- No observation begins before the one that it follows, and each ends where the next begins.
UPDATE "observations" o SET "on_day" = c."on_day", "until_day" = CASE WHEN c."until_day" IS NOT NULL THEN greatest(c."on_day", c."until_day") END
FROM (
	SELECT "id", "begins" AS "on_day", least("until_day", lead("begins") OVER (PARTITION BY "person_id" ORDER BY "id")) AS "until_day"
	FROM (SELECT "id", "person_id", "until_day", max("on_day") OVER (PARTITION BY "person_id" ORDER BY "id") AS "begins" FROM "observations") b
) c
WHERE c."id" = o."id" AND (c."on_day", c."until_day") IS DISTINCT FROM (o."on_day", o."until_day");--> statement-breakpoint
DELETE FROM "published_states" s USING "published_states" n WHERE n."person_id" = s."person_id" AND n."id" > s."id";--> statement-breakpoint
DROP INDEX "observations_newest_idx";--> statement-breakpoint
DROP INDEX "published_states_person_idx";--> statement-breakpoint
ALTER TABLE "contacts" ADD COLUMN "fixed" text[] DEFAULT '{}' NOT NULL;--> statement-breakpoint
ALTER TABLE "rounds" ADD COLUMN "pending_change" text;--> statement-breakpoint
CREATE INDEX "passkey_challenges_user_ref_idx" ON "passkey_challenges" USING btree ("user_id") WHERE "passkey_challenges"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "assessments_phone_by_ref_idx" ON "assessments" USING btree ("phone_by") WHERE "assessments"."phone_by" is not null;--> statement-breakpoint
CREATE INDEX "case_visitors_user_ref_idx" ON "case_visitors" USING btree ("user_id") WHERE "case_visitors"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "messages_author_ref_idx" ON "messages" USING btree ("author_id") WHERE "messages"."author_id" is not null;--> statement-breakpoint
CREATE INDEX "notes_author_ref_idx" ON "notes" USING btree ("author_id") WHERE "notes"."author_id" is not null;--> statement-breakpoint
CREATE INDEX "checklist_drafts_changed_by_ref_idx" ON "checklist_drafts" USING btree ("changed_by") WHERE "checklist_drafts"."changed_by" is not null;--> statement-breakpoint
CREATE INDEX "checklists_published_by_ref_idx" ON "checklists" USING btree ("published_by") WHERE "checklists"."published_by" is not null;--> statement-breakpoint
CREATE INDEX "cover_settings_deputy_ref_idx" ON "cover_settings" USING btree ("deputy_id") WHERE "cover_settings"."deputy_id" is not null;--> statement-breakpoint
CREATE INDEX "contacts_author_ref_idx" ON "contacts" USING btree ("author_id") WHERE "contacts"."author_id" is not null;--> statement-breakpoint
CREATE INDEX "observations_round_ref_idx" ON "observations" USING btree ("round_id") WHERE "observations"."round_id" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "observations_newest_key" ON "observations" USING btree ("person_id") WHERE "observations"."until_day" is null;--> statement-breakpoint
CREATE INDEX "published_states_round_ref_idx" ON "published_states" USING btree ("round_id") WHERE "published_states"."round_id" is not null;--> statement-breakpoint
CREATE UNIQUE INDEX "published_states_person_key" ON "published_states" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "workforce_reports_made_by_ref_idx" ON "workforce_reports" USING btree ("made_by") WHERE "workforce_reports"."made_by" is not null;--> statement-breakpoint
CREATE INDEX "triage_policies_published_by_ref_idx" ON "triage_policies" USING btree ("published_by") WHERE "triage_policies"."published_by" is not null;--> statement-breakpoint
CREATE INDEX "mailbox_letter_ref_idx" ON "mailbox" USING btree ("letter_id") WHERE "mailbox"."letter_id" is not null;--> statement-breakpoint
CREATE INDEX "referral_lines_author_ref_idx" ON "referral_lines" USING btree ("author_id") WHERE "referral_lines"."author_id" is not null;--> statement-breakpoint
CREATE INDEX "referrals_clinician_ref_idx" ON "referrals" USING btree ("clinician_id") WHERE "referrals"."clinician_id" is not null;--> statement-breakpoint
CREATE INDEX "referrals_by_ref_idx" ON "referrals" USING btree ("by_id") WHERE "referrals"."by_id" is not null;--> statement-breakpoint
CREATE INDEX "roster_imports_user_ref_idx" ON "roster_imports" USING btree ("user_id") WHERE "roster_imports"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "organisation_settings_published_by_ref_idx" ON "organisation_settings" USING btree ("published_by") WHERE "organisation_settings"."published_by" is not null;--> statement-breakpoint
CREATE INDEX "own_texts_by_ref_idx" ON "own_texts" USING btree ("by") WHERE "own_texts"."by" is not null;--> statement-breakpoint
CREATE INDEX "walkthrough_entries_user_ref_idx" ON "walkthrough_entries" USING btree ("user_id") WHERE "walkthrough_entries"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "walkthrough_members_user_ref_idx" ON "walkthrough_members" USING btree ("user_id") WHERE "walkthrough_members"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "walkthrough_visits_user_ref_idx" ON "walkthrough_visits" USING btree ("user_id") WHERE "walkthrough_visits"."user_id" is not null;--> statement-breakpoint
CREATE INDEX "walkthroughs_assessment_ref_idx" ON "walkthroughs" USING btree ("assessment_id") WHERE "walkthroughs"."assessment_id" is not null;--> statement-breakpoint
CREATE INDEX "walkthroughs_pointed_by_ref_idx" ON "walkthroughs" USING btree ("pointed_by") WHERE "walkthroughs"."pointed_by" is not null;--> statement-breakpoint
CREATE INDEX "walkthroughs_person_plan_ref_idx" ON "walkthroughs" USING btree ("person_plan") WHERE "walkthroughs"."person_plan" is not null;--> statement-breakpoint
CREATE INDEX "walkthroughs_coordinator_plan_ref_idx" ON "walkthroughs" USING btree ("coordinator_plan") WHERE "walkthroughs"."coordinator_plan" is not null;--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_fixed_check" CHECK (cardinality("contacts"."fixed") = 0 or ("contacts"."result" = 'reached' and "contacts"."whom" <> ''));--> statement-breakpoint
ALTER TABLE "rounds" ADD CONSTRAINT "rounds_pending_change_check" CHECK ("rounds"."pending_change" in ('close', 'close-and-call', 'reopen'));--> statement-breakpoint
-- No two observations of one person cover the same day: a closing would count both.
ALTER TABLE "observations" ADD CONSTRAINT "observations_days_excl" EXCLUDE USING gist ("person_id" WITH =, daterange("on_day", "until_day") WITH &&);
