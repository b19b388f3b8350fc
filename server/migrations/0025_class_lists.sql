CREATE TABLE "former_members" (
	"group_id" text NOT NULL,
	"person_id" text NOT NULL,
	"left_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "former_members_group_id_person_id_pk" PRIMARY KEY("group_id","person_id")
);
--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "number" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "people" ADD COLUMN "email" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "former_members" ADD CONSTRAINT "former_members_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "former_members" ADD CONSTRAINT "former_members_person_id_people_id_fk" FOREIGN KEY ("person_id") REFERENCES "public"."people"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "former_members_person" ON "former_members" USING btree ("person_id");--> statement-breakpoint
CREATE INDEX "people_number" ON "people" USING btree (lower("number"));--> statement-breakpoint
CREATE INDEX "people_email" ON "people" USING btree (lower("email"));--> statement-breakpoint
CREATE INDEX "people_name" ON "people" USING btree (lower("name"));