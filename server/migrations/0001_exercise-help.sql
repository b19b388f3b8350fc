ALTER TABLE "exercises" ADD COLUMN "help_types" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "help_totals" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "help_bands" boolean DEFAULT true NOT NULL;--> statement-breakpoint
ALTER TABLE "exercises" ADD COLUMN "check_while_working" boolean DEFAULT false NOT NULL;