CREATE TABLE "equipment_budgets" (
	"year" smallint PRIMARY KEY NOT NULL,
	"cents" integer NOT NULL,
	"currency" text NOT NULL,
	"version" integer DEFAULT 1 NOT NULL,
	CONSTRAINT "equipment_budgets_cents_check" CHECK ("equipment_budgets"."cents" between 0 and 1000000000),
	CONSTRAINT "equipment_budgets_currency_check" CHECK ("equipment_budgets"."currency" ~ '^[A-Z]{3}$')
);
