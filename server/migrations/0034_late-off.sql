ALTER TABLE "hand_outs" ADD COLUMN "late_off" integer DEFAULT 0 NOT NULL;--> statement-breakpoint
ALTER TABLE "tries" ADD COLUMN "late_charged_for" timestamp with time zone;