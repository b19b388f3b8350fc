ALTER TABLE "books" ADD COLUMN "name" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "books" ADD COLUMN "trade" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "companies" ADD COLUMN "put_away_at" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "put_away_at" timestamp with time zone;--> statement-breakpoint
UPDATE "books" SET "name" = coalesce("state"::json->'company'->>'name', ''), "trade" = coalesce("state"::json->'company'->>'trade', '');
