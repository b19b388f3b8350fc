CREATE TABLE "leavings" (
	"kind" text NOT NULL,
	"about_id" text NOT NULL,
	"by_id" text NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"due_at" timestamp with time zone NOT NULL,
	"fate" text NOT NULL,
	"heir_id" text,
	CONSTRAINT "leavings_kind_about_id_pk" PRIMARY KEY("kind","about_id")
);
--> statement-breakpoint
CREATE INDEX "leavings_due" ON "leavings" USING btree ("due_at");