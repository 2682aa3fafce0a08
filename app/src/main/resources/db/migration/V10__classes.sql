-- Students who are taught together, or given the same: a class is no more than its name.
alter table students add column class_name varchar(60);
