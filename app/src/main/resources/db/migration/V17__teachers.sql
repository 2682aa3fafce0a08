-- A studio has an owner, and may have other teachers. Who has left keeps a row: what they wrote and decided is theirs.
alter table teachers add column role varchar(10) default 'OWNER' not null;
alter table teachers add column left_at timestamp with time zone;
create index teachers_of_studio on teachers (studio_id);

alter table account_tokens add column studio_id bigint references studios (id);

-- Who gave, decided and wrote; of what is older nobody knows.
alter table assignments add column given_by bigint references teachers (id);
alter table assignment_changes add column decided_by bigint references teachers (id);
alter table key_plan_events add column decided_by bigint references teachers (id);
alter table lesson_notes add column written_by bigint references teachers (id);
