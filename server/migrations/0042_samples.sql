CREATE TABLE "samples" (
	"owner_id" text NOT NULL,
	"kind" text NOT NULL,
	"thing_id" text NOT NULL,
	CONSTRAINT "samples_kind_thing_id_pk" PRIMARY KEY("kind","thing_id")
);
--> statement-breakpoint
ALTER TABLE "samples" ADD CONSTRAINT "samples_owner_id_people_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "samples_owner" ON "samples" USING btree ("owner_id");