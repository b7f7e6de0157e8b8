CREATE TABLE "observations" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"judgement_id" bigint NOT NULL,
	"person_id" uuid NOT NULL,
	"on_day" date NOT NULL,
	"until_day" date,
	"team" text NOT NULL,
	"country" text NOT NULL,
	"round_id" uuid,
	"way" text,
	"route" text,
	"spot" text,
	"level" "level" NOT NULL,
	"answered_on" date,
	"first_on" date,
	"reported_on" date,
	"first_reported_on" date,
	"has_plan" boolean NOT NULL,
	"carried_on" date,
	"first_carried_on" date,
	"worst" smallint,
	"first_worst" smallint,
	"discomfort" text[] NOT NULL,
	"first_discomfort" text[] NOT NULL,
	"findings" text[] NOT NULL,
	"first_findings" text[] NOT NULL,
	"gaps_mm" smallint[] NOT NULL,
	"first_gaps_mm" smallint[] NOT NULL,
	"needs" text[] NOT NULL,
	"stays_open" boolean NOT NULL,
	CONSTRAINT "observations_spot_check" CHECK ("observations"."spot" in ('standing', 'chair', 'stool', 'ball', 'wheelchair', 'sofa', 'bed')),
	CONSTRAINT "observations_days_check" CHECK ("observations"."until_day" is null or "observations"."until_day" >= "observations"."on_day")
);
--> statement-breakpoint
CREATE TABLE "purchase_prices" (
	"purchase" text PRIMARY KEY NOT NULL,
	"cents" integer NOT NULL,
	"currency" text NOT NULL,
	CONSTRAINT "purchase_prices_purchase_check" CHECK ("purchase_prices"."purchase" in ('keyboard-and-mouse', 'footrest', 'seat-cushion', 'monitor', 'chair', 'another-surface')),
	CONSTRAINT "purchase_prices_cents_check" CHECK ("purchase_prices"."cents" between 0 and 100000000),
	CONSTRAINT "purchase_prices_currency_check" CHECK ("purchase_prices"."currency" ~ '^[A-Z]{3}$')
);
--> statement-breakpoint
CREATE TABLE "unobserved" (
	"person_id" uuid PRIMARY KEY NOT NULL
);
--> statement-breakpoint
CREATE TABLE "workforce_reports" (
	"id" uuid PRIMARY KEY NOT NULL,
	"from_day" date NOT NULL,
	"to_day" date NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"made_by" uuid,
	"document" jsonb NOT NULL,
	CONSTRAINT "workforce_reports_days_check" CHECK ("workforce_reports"."from_day" <= "workforce_reports"."to_day")
);
--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_judgement_id_judgements_id_fk" FOREIGN KEY ("judgement_id") REFERENCES "public"."judgements"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "observations" ADD CONSTRAINT "observations_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "unobserved" ADD CONSTRAINT "unobserved_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "workforce_reports" ADD CONSTRAINT "workforce_reports_made_by_users_id_fk" FOREIGN KEY ("made_by") REFERENCES "public"."users"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "observations_person_idx" ON "observations" USING btree ("person_id","id" DESC NULLS LAST);--> statement-breakpoint
CREATE INDEX "observations_judgement_idx" ON "observations" USING btree ("judgement_id");--> statement-breakpoint
CREATE INDEX "observations_discomfort_idx" ON "observations" USING gin ("discomfort") WHERE "observations"."until_day" is null;--> statement-breakpoint
CREATE INDEX "observations_findings_idx" ON "observations" USING gin ("findings") WHERE "observations"."until_day" is null;--> statement-breakpoint
CREATE INDEX "workforce_reports_to_idx" ON "workforce_reports" USING btree ("to_day" DESC NULLS LAST,"made_at" DESC NULLS LAST);--> statement-breakpoint
-- Everyone who has been judged by a version that kept no observations.
insert into unobserved (person_id) select distinct person_id from judgements;
