CREATE TABLE "case_visitors" (
	"id" uuid PRIMARY KEY DEFAULT gen_random_uuid() NOT NULL,
	"person_id" uuid NOT NULL,
	"user_id" uuid NOT NULL,
	"since" timestamp with time zone NOT NULL
);
--> statement-breakpoint
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
	CONSTRAINT "deputy_alerts_person_id_reported_at_pk" PRIMARY KEY("person_id","reported_at")
);
--> statement-breakpoint
ALTER TABLE "letters" DROP CONSTRAINT "letters_kind_check";--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "away_from" date;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "away_until" date;--> statement-breakpoint
ALTER TABLE "users" ADD COLUMN "stand_in_id" uuid;--> statement-breakpoint
ALTER TABLE "contacts" ADD COLUMN "saw" jsonb;--> statement-breakpoint
ALTER TABLE "contacts" ADD COLUMN "known" jsonb;--> statement-breakpoint
ALTER TABLE "rounds" ADD COLUMN "paused_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "case_visitors" ADD CONSTRAINT "case_visitors_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "case_visitors" ADD CONSTRAINT "case_visitors_user_id_users_id_fk" FOREIGN KEY ("user_id") REFERENCES "public"."users"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "cover_settings" ADD CONSTRAINT "cover_settings_deputy_id_users_id_fk" FOREIGN KEY ("deputy_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "deputy_alerts" ADD CONSTRAINT "deputy_alerts_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "case_visitors_person_idx" ON "case_visitors" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "case_visitors_since_idx" ON "case_visitors" USING btree ("since");--> statement-breakpoint
ALTER TABLE "users" ADD CONSTRAINT "users_stand_in_id_users_id_fk" FOREIGN KEY ("stand_in_id") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "users_stand_in_idx" ON "users" USING btree ("stand_in_id") WHERE "users"."stand_in_id" is not null;--> statement-breakpoint
CREATE INDEX "contacts_look_idx" ON "contacts" USING btree ("person_id","at" DESC NULLS LAST) WHERE "contacts"."saw" is not null;--> statement-breakpoint
ALTER TABLE "users" ADD CONSTRAINT "users_away_check" CHECK (("users"."away_from" is null) = ("users"."away_until" is null) and coalesce("users"."away_from" <= "users"."away_until", true));--> statement-breakpoint
ALTER TABLE "contacts" ADD CONSTRAINT "contacts_look_check" CHECK (("contacts"."saw" is null) = ("contacts"."known" is null));--> statement-breakpoint
ALTER TABLE "letters" ADD CONSTRAINT "letters_kind_check" CHECK ("letters"."kind" in ('invitation', 'reminder', 'message', 'equipment', 'plan-reminder', 'check-in', 'check-in-reminder', 'recheck', 'recheck-reminder', 'referral-new', 'referral-answered', 'referral-ended', 'deputy-alert', 'account-invitation', 'password-reset', 'new-device', 'tries', 'codes', 'password', 'passkey', 'passkey-removed', 'factor-set', 'factor-ended', 'log-given', 'log-taken', 'provider'));