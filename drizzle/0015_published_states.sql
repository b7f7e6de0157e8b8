CREATE TABLE "published_figures" (
	"on_day" date NOT NULL,
	"of" text NOT NULL,
	"by" text NOT NULL,
	"document" jsonb NOT NULL,
	"renewed_on" jsonb NOT NULL,
	"pending" jsonb NOT NULL,
	"sums" jsonb NOT NULL,
	CONSTRAINT "published_figures_on_day_of_by_pk" PRIMARY KEY("on_day","of","by")
);
--> statement-breakpoint
CREATE TABLE "published_states" (
	"id" bigserial PRIMARY KEY NOT NULL,
	"person_id" uuid,
	"as_of" date NOT NULL,
	"on_day" date,
	"team" text NOT NULL,
	"country" text NOT NULL,
	"round_id" uuid,
	"way" text,
	"route" text,
	"spot" text,
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
	"heights" text NOT NULL,
	"heights_after" text NOT NULL,
	"helped_by" text[] NOT NULL,
	"first_choice" text[] NOT NULL,
	"sent_on" date,
	"sent_round_id" uuid,
	"sent_way" text,
	"sent_route" text,
	"sent_answered_on" date,
	"seen_on" date,
	"bought_on" date,
	"referred_on" date
);
--> statement-breakpoint
CREATE TABLE "workforce_closings" (
	"on_day" date PRIMARY KEY NOT NULL,
	"made_at" timestamp with time zone NOT NULL,
	"renewed" integer NOT NULL,
	"parts" jsonb
);
--> statement-breakpoint
ALTER TABLE "published_figures" ADD CONSTRAINT "published_figures_on_day_workforce_closings_on_day_fk" FOREIGN KEY ("on_day") REFERENCES "public"."workforce_closings"("on_day") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_states" ADD CONSTRAINT "published_states_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "published_states" ADD CONSTRAINT "published_states_round_id_rounds_id_fk" FOREIGN KEY ("round_id") REFERENCES "public"."rounds"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "published_states_person_idx" ON "published_states" USING btree ("person_id");