-- What is deleted can be taken back for thirty days, and is really gone then.
alter table students add column deleted_at timestamp with time zone;
alter table studios add column deleted_at timestamp with time zone;
create index students_deleted on students (deleted_at);
create index studios_deleted on studios (deleted_at);
