-- A decision may give another step in the place of the one that was given: what of it a changed range still takes.
alter table assignment_changes add column document json;
