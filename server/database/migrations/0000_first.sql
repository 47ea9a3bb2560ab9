CREATE TABLE "classes" (
	"id" uuid PRIMARY KEY NOT NULL,
	"name" text NOT NULL,
	"age_band" text NOT NULL,
	"vocabulary" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "events" (
	"lesson_id" uuid NOT NULL,
	"seq" integer NOT NULL,
	"event" jsonb NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	CONSTRAINT "events_lesson_id_seq_pk" PRIMARY KEY("lesson_id","seq")
);
--> statement-breakpoint
CREATE TABLE "groups" (
	"id" uuid PRIMARY KEY NOT NULL,
	"class_id" uuid NOT NULL,
	"name" text NOT NULL,
	"emblem" text NOT NULL,
	"place" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "investigations" (
	"id" uuid PRIMARY KEY NOT NULL,
	"starter_id" text,
	"plan" jsonb NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL
);
--> statement-breakpoint
CREATE TABLE "lessons" (
	"id" uuid PRIMARY KEY NOT NULL,
	"investigation_id" uuid NOT NULL,
	"class_id" uuid NOT NULL,
	"date" date NOT NULL,
	"stage" text NOT NULL,
	"plan" jsonb NOT NULL,
	"plan_version" integer DEFAULT 0 NOT NULL,
	"conclusion" jsonb NOT NULL,
	"conclusion_version" integer DEFAULT 0 NOT NULL,
	"seq" integer DEFAULT 0 NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"removed_at" timestamp with time zone
);
--> statement-breakpoint
CREATE TABLE "predictions" (
	"lesson_id" uuid NOT NULL,
	"group_id" uuid NOT NULL,
	"answer" jsonb NOT NULL,
	"because" text NOT NULL,
	"made_at" timestamp with time zone DEFAULT now() NOT NULL,
	"late" boolean NOT NULL,
	CONSTRAINT "predictions_lesson_id_group_id_pk" PRIMARY KEY("lesson_id","group_id")
);
--> statement-breakpoint
CREATE TABLE "pupils" (
	"id" uuid PRIMARY KEY NOT NULL,
	"class_id" uuid NOT NULL,
	"group_id" uuid,
	"name" text NOT NULL,
	"place" integer NOT NULL
);
--> statement-breakpoint
CREATE TABLE "readings" (
	"id" uuid PRIMARY KEY NOT NULL,
	"lesson_id" uuid NOT NULL,
	"group_id" uuid NOT NULL,
	"level_id" text NOT NULL,
	"try_number" integer NOT NULL,
	"value" double precision,
	"typed" text NOT NULL,
	"status" text NOT NULL,
	"reason" text NOT NULL,
	"source" text NOT NULL,
	"taken_at" timestamp with time zone NOT NULL,
	"received_at" timestamp with time zone DEFAULT now() NOT NULL,
	"supersedes" uuid,
	CONSTRAINT "readings_supersedes" UNIQUE("supersedes")
);
--> statement-breakpoint
ALTER TABLE "events" ADD CONSTRAINT "events_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "groups" ADD CONSTRAINT "groups_class_id_classes_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."classes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_investigation_id_investigations_id_fk" FOREIGN KEY ("investigation_id") REFERENCES "public"."investigations"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "lessons" ADD CONSTRAINT "lessons_class_id_classes_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."classes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "predictions" ADD CONSTRAINT "predictions_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "predictions" ADD CONSTRAINT "predictions_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pupils" ADD CONSTRAINT "pupils_class_id_classes_id_fk" FOREIGN KEY ("class_id") REFERENCES "public"."classes"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "pupils" ADD CONSTRAINT "pupils_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE set null ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "readings" ADD CONSTRAINT "readings_lesson_id_lessons_id_fk" FOREIGN KEY ("lesson_id") REFERENCES "public"."lessons"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "readings" ADD CONSTRAINT "readings_group_id_groups_id_fk" FOREIGN KEY ("group_id") REFERENCES "public"."groups"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
ALTER TABLE "readings" ADD CONSTRAINT "readings_supersedes_fk" FOREIGN KEY ("supersedes") REFERENCES "public"."readings"("id") ON DELETE no action ON UPDATE no action;--> statement-breakpoint
CREATE INDEX "groups_class" ON "groups" USING btree ("class_id");--> statement-breakpoint
CREATE INDEX "lessons_date" ON "lessons" USING btree ("date");--> statement-breakpoint
CREATE INDEX "pupils_class" ON "pupils" USING btree ("class_id");--> statement-breakpoint
CREATE INDEX "readings_lesson" ON "readings" USING btree ("lesson_id");