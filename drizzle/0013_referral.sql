CREATE TABLE "referral_lines" (
	"id" uuid PRIMARY KEY NOT NULL,
	"referral_id" uuid NOT NULL,
	"at" timestamp with time zone NOT NULL,
	"author_id" uuid,
	"from_clinician" boolean NOT NULL,
	"text" text NOT NULL,
	"read_at" timestamp with time zone
);
--> statement-breakpoint
ALTER TABLE "desk_acts" DROP CONSTRAINT "desk_acts_kind_check";--> statement-breakpoint
DROP INDEX "cases_referred_idx";--> statement-breakpoint
ALTER TABLE "cases" ADD COLUMN "referred_on" date;--> statement-breakpoint
ALTER TABLE "referrals" ADD COLUMN "to_name" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "referrals" ADD COLUMN "consent_how" text;--> statement-breakpoint
ALTER TABLE "referrals" ADD COLUMN "answer_by" date;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "staff_number" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "way" text;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "route" text;--> statement-breakpoint
ALTER TABLE "referral_lines" ADD CONSTRAINT "referral_lines_referral_id_referrals_id_fk" FOREIGN KEY ("referral_id") REFERENCES "public"."referrals"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "referral_lines" ADD CONSTRAINT "referral_lines_author_id_users_id_fk" FOREIGN KEY ("author_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "referral_lines_at_idx" ON "referral_lines" USING btree ("referral_id","at");--> statement-breakpoint
CREATE INDEX "referral_lines_unread_idx" ON "referral_lines" USING btree ("referral_id") WHERE "referral_lines"."from_clinician" and "referral_lines"."read_at" is null;--> statement-breakpoint
CREATE INDEX "referrals_clinician_idx" ON "referrals" USING btree ("clinician_id","at") WHERE "referrals"."ended_at" is null;--> statement-breakpoint
CREATE INDEX "cases_referred_idx" ON "cases" USING btree ("level","person_id") WHERE "cases"."referred_on" is not null;--> statement-breakpoint
ALTER TABLE "desk_acts" ADD CONSTRAINT "desk_acts_kind_check" CHECK ("desk_acts"."kind" in ('settled', 'reopened', 'written', 'noted', 'contacted', 'sent', 'referred', 'referral-ended', 'referral-written', 'set-up', 'equipment-decided', 'owned', 'put-off', 'follow-up-set', 'follow-up-done', 'left', 'returned'));--> statement-breakpoint
ALTER TABLE "referrals" ADD CONSTRAINT "referrals_consent_check" CHECK ("referrals"."consent_how" in ('spoken', 'written'));--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_way_check" CHECK ("people"."way" in ('upright', 'open', 'forearms-down', 'active'));--> statement-breakpoint
ALTER TABLE "people" ADD CONSTRAINT "people_route_check" CHECK ("people"."route" in ('short', 'complete'));--> statement-breakpoint
UPDATE "cases" SET "referred_on" = r.on_day FROM (SELECT "person_id", max("at")::date AS on_day FROM "referrals" WHERE "ended_at" IS NULL GROUP BY "person_id") r WHERE r."person_id" = "cases"."person_id";
