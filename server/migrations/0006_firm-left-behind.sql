ALTER TABLE "check_results" DISABLE ROW LEVEL SECURITY;--> statement-breakpoint
DROP TABLE "check_results" CASCADE;--> statement-breakpoint
ALTER TABLE "exercises" DROP CONSTRAINT "exercises_group_id_groups_id_fk";
--> statement-breakpoint
ALTER TABLE "exercises" DROP COLUMN "state";--> statement-breakpoint
ALTER TABLE "exercises" DROP COLUMN "group_id";