CREATE TABLE "cover_settings" (
	"id" integer PRIMARY KEY DEFAULT 1 NOT NULL,
	"minutes" smallint,
	"deputy_id" uuid,
	"out_of_hours" text NOT NULL,
	"webhook_url" text NOT NULL,
	"webhook_secret" text DEFAULT '' NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	"changed_at" timestamp with time zone NOT NULL,
	CONSTRAINT "cover_settings_one_check" CHECK ("cover_settings"."id" = 1),
	CONSTRAINT "cover_settings_minutes_check" CHECK ("cover_settings"."minutes" is null or "cover_settings"."minutes" in (10, 20, 30, 60, 120))
);
--> statement-breakpoint
CREATE TABLE "deputy_alerts" (
	"person_id" uuid NOT NULL,
	"reported_at" timestamp with time zone NOT NULL,
	"alert_id" uuid DEFAULT gen_random_uuid() NOT NULL,
	"alerted_at" timestamp with time zone NOT NULL,
	"webhook_at" timestamp with time zone,
	"webhook_tries" smallint DEFAULT 0 NOT NULL,
	CONSTRAINT "deputy_alerts_person_id_reported_at_pk" PRIMARY KEY("person_id","reported_at")
);
--> statement-breakpoint
ALTER TABLE "letters" DROP CONSTRAINT "letters_kind_check";--> statement-breakpoint
ALTER TABLE "cover_settings" ADD CONSTRAINT "cover_settings_deputy_id_users_id_fk" FOREIGN KEY ("deputy_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "deputy_alerts" ADD CONSTRAINT "deputy_alerts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_kind_check" CHECK ("letters"."kind" in ('invitation', 'reminder', 'message', 'equipment', 'plan-reminder', 'check-in', 'check-in-reminder', 'recheck', 'recheck-reminder', 'referral-new', 'referral-answered', 'referral-ended', 'deputy-alert', 'account-invitation', 'password-reset', 'new-device', 'tries', 'codes', 'password', 'passkey', 'passkey-removed', 'factor-set', 'factor-ended', 'log-given', 'log-taken', 'provider'));