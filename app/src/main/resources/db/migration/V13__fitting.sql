-- A decision may give another step in the place of the one that was given: what of it a changed range still takes.
alter table assignment_changes add column document json;

-- What a student's range does not take any more since it was changed: the desk looks for it here.
alter table assignments add column misfit boolean default false not null;
create index assignments_misfit on assignments (studio_id, misfit);
