-- What is remembered of a row is known by its version.
alter table standings add column version bigint default 0 not null;
alter table studios add column version bigint default 0 not null;

-- How far an assignment has come, where it is searched by: the log's slice writes it down here.
alter table assignments add column learned_on date;
alter table assignments add column failed integer default 0 not null;
update assignments a set
  learned_on = (select s.learned_on from standings s where s.assignment_id = a.id),
  failed = coalesce((select s.failed from standings s where s.assignment_id = a.id), 0);
drop index standings_slipping;
create index assignments_slipping on assignments (studio_id, failed);

-- Days turn for every studio at once.
create index key_plans_due_anywhere on key_plans (ended, due_on);

-- How many decisions a standing counts; of those from before it is not known.
alter table standings add column decisions integer default -1 not null;

-- Days of practice of four weeks up to the last one, and the rungs climbed on them: the pace of a studio is their sum.
alter table standings add column pace_days integer default 0 not null;
alter table standings add column pace_rungs integer default 0 not null;
create index standings_of_studio on standings (studio_id, last_on);
