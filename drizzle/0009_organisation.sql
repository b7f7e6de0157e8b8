CREATE TABLE "organisation" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"name" text NOT NULL,
	"contact_name" text NOT NULL,
	"contact_role" text NOT NULL,
	"phone" text NOT NULL,
	"reply_to" text NOT NULL,
	"address" text NOT NULL,
	"genuine_page" text NOT NULL,
	"participation" text NOT NULL,
	"duty_law" text NOT NULL,
	"language" text NOT NULL,
	"logo" "bytea",
	"logo_width_px" integer,
	"logo_height_px" integer,
	"version" integer DEFAULT 1 NOT NULL,
	"changed_at" timestamp with time zone NOT NULL,
	CONSTRAINT "organisation_one_check" CHECK ("organisation"."id" = 1),
	CONSTRAINT "organisation_participation_check" CHECK ("organisation"."participation" in ('voluntary', 'duty'))
);
--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "reminders_stopped_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "kind" text;--> statement-breakpoint
UPDATE "letters" SET "kind" = CASE
	WHEN "link_path" LIKE '/desk/password/%' THEN 'password-reset'
	WHEN "link_path" LIKE '/desk/referrals/%' THEN 'referral-new'
	WHEN "link_path" = '/desk' THEN 'referral-ended'
	WHEN "link_path" LIKE '/desk/account%' THEN 'new-device'
	WHEN "link_path" LIKE '%/messages' THEN 'message'
	WHEN "link_path" LIKE '%/check-in' THEN 'check-in'
	WHEN "link_path" LIKE '%/plan' THEN 'plan-reminder'
	WHEN "person_id" IS NULL THEN 'password-reset'
	ELSE 'invitation'
END;--> statement-breakpoint
ALTER TABLE "letters" ALTER COLUMN "kind" SET NOT NULL;--> statement-breakpoint
ALTER TABLE "letters" ADD COLUMN "language" text DEFAULT 'en' NOT NULL;--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_kind_check" CHECK ("letters"."kind" in ('invitation', 'reminder', 'message', 'equipment', 'plan-reminder', 'check-in', 'check-in-reminder', 'recheck', 'recheck-reminder', 'referral-new', 'referral-answered', 'referral-ended', 'account-invitation', 'password-reset', 'new-device', 'tries', 'codes', 'password', 'passkey', 'passkey-removed', 'factor-set', 'factor-ended', 'log-given', 'log-taken', 'provider'));