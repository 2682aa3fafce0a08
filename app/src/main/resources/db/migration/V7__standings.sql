-- What the log of one assignment comes to, kept up with each line, so that it need not be read again. It can be thrown
-- away at any time: it is worked out anew from the log where it is missing.
create table standings (
  assignment_id bigint not null primary key references assignments (id),
  studio_id     bigint not null references studios (id),
  student_id    bigint not null references students (id),
  state         json   not null,
  -- The moment of the last line; a line that is older than it means working everything out anew.
  last_at       timestamp with time zone,
  last_take_at  timestamp with time zone,
  last_bpm      decimal(6, 3),
  last_outcome  varchar(10),
  last_on       date,
  learned       boolean not null,
  learned_on    date,
  -- Reviews in a row that were not clean.
  failed        integer not null
);
create index standings_slipping on standings (studio_id, failed);
create index assignments_of_studio on assignments (studio_id, ended, ends_on);
create index standings_of_student on standings (student_id, last_take_at);

-- A decision that is taken back by a later line: neither counts then.
alter table assignment_changes add column undoes bigint references assignment_changes (id);

create index takes_of_day on takes (student_id, taken_on);
