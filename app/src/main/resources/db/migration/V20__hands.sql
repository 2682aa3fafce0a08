-- What a student's hand can and how they like it, as a document; none where it is as usual.
alter table students add column hand varchar(1000);
-- Whose hand an instrument of a studio's own borrows, by its id.
alter table studio_instruments add column fingered_like varchar(40);
