-- On which days of the week something is practised: one bit for each, Monday first. Without a last day it goes on until
-- it is learned.
alter table assignments add column weekdays integer default 127 not null;
alter table assignments alter column ends_on set null;
create index assignments_open on assignments (student_id, ended, starts_on, ends_on);

-- The teacher holds the student on the rung, or lets them go on.
alter table assignment_changes add column held boolean;

-- How long a student practises on a day; the day (1 is Monday) and time of the lesson; what the parents should know.
alter table students add column minutes_a_day integer;
alter table students add column lesson_day integer;
alter table students add column lesson_time time;
alter table students add column parent_note varchar(1000);
