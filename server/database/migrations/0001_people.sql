CREATE TABLE "audit_lines" (
	"id" uuid PRIMARY KEY NOT NULL,
	"at" timestamp with time zone DEFAULT now() NOT NULL,
	"who" text NOT NULL,
	"did" text NOT NULL
);
--> statement-breakpoint
CREATE TABLE "class_shares" (
	"id" uuid PRIMARY KEY NOT NULL,
	"class_id" uuid NOT NULL,
	"teacher_id" uuid,
	"until" date,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "links" (
	"id" uuid PRIMARY KEY NOT NULL,
	"secret_hash" text NOT NULL,
	"kind" text NOT NULL,
	"lesson_id" uuid NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"ends_at" timestamp with time zone NOT NULL,
	CONSTRAINT "links_secret_hash_unique" UNIQUE("secret_hash")
);
--> statement-breakpoint
CREATE TABLE "sessions" (
	"id" uuid PRIMARY KEY NOT NULL,
	"secret_hash" text NOT NULL,
	"kind" text NOT NULL,
	"teacher_id" uuid,
	"lesson_id" uuid,
	"group_ids" jsonb DEFAULT '[]'::jsonb NOT NULL,
	"link_id" uuid,
	"device" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"seen_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "sessions_secret_hash_unique" UNIQUE("secret_hash")
);
--> statement-breakpoint
CREATE TABLE "teachers" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"name_key" text,
	"passphrase_hash" text NOT NULL,
	"role" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone,
	CONSTRAINT "teachers_name_key_unique" UNIQUE("name_key")
);
--> statement-breakpoint
ALTER TABLE "classes" ADD COLUMN "owner_id" uuid;--> statement-breakpoint
ALTER TABLE "lessons" ADD COLUMN "join_code" text;--> statement-breakpoint
ALTER TABLE "lessons" ADD COLUMN "join_until" timestamp with time zone;--> statement-breakpoint
ALTER TABLE "school" ADD COLUMN "name" text DEFAULT '' NOT NULL;--> statement-breakpoint
ALTER TABLE "school" ADD COLUMN "sign_in" text;--> statement-breakpoint
ALTER TABLE "school" ADD COLUMN "pictures_announced" date;--> statement-breakpoint
ALTER TABLE "school" ADD COLUMN "pictures_looked" date;--> statement-breakpoint
ALTER TABLE "class_shares" ADD CONSTRAINT "class_shares_class_id_classes_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."classes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "class_shares" ADD CONSTRAINT "class_shares_teacher_id_teachers_id_fk" FOREIGN KEY ("teacher_id") REFERENCES "public"."teachers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "links" ADD CONSTRAINT "links_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_teacher_id_teachers_id_fk" FOREIGN KEY ("teacher_id") REFERENCES "public"."teachers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "sessions" ADD CONSTRAINT "sessions_link_id_links_id_fk" FOREIGN KEY ("link_id") REFERENCES "public"."links"("id") ON DELETE cascade ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "audit_lines_at" ON "audit_lines" USING btree ("at");--> statement-breakpoint
CREATE INDEX "class_shares_class" ON "class_shares" USING btree ("class_id");--> statement-breakpoint
CREATE INDEX "links_lesson" ON "links" USING btree ("lesson_id");--> statement-breakpoint
CREATE INDEX "sessions_teacher" ON "sessions" USING btree ("teacher_id");--> statement-breakpoint
CREATE INDEX "sessions_lesson" ON "sessions" USING btree ("lesson_id");--> statement-breakpoint
ALTER TABLE "classes" ADD CONSTRAINT "classes_owner_id_teachers_id_fk" FOREIGN KEY ("owner_id") REFERENCES "public"."teachers"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_join_code_unique" UNIQUE("join_code");