-- A practice link is sealed for its studio, so that it opens no room in another one. Studios of before have none: their
-- links stay as they are.
alter table studios add column identity varchar(24) default '' not null;

-- To which key the links of this database belong: one row.
create table installation (
  id        integer     primary key,
  key_print varchar(64) not null
);
