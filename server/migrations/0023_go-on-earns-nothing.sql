ALTER TABLE "exercises" ALTER COLUMN "go_on_cost" DROP DEFAULT;--> statement-breakpoint
ALTER TABLE "exercises" ALTER COLUMN "go_on_cost" DROP NOT NULL;--> statement-breakpoint
-- No page had a field for it, so nobody chose 0.
UPDATE "exercises" SET "go_on_cost" = NULL WHERE "go_on_cost" = 0;
