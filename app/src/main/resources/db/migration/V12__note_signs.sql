-- Sentences say note names with the signs of the staff; what was kept as a sentence before is said anew.
alter table steps add column tonic varchar(4);
alter table steps add column minor_key boolean;
update steps set
  tonic = regexp_replace(in_key, ' .*$', ''),
  minor_key = regexp_like(in_key, 'minor|dorian|phrygian|locrian|diminished')
  where in_key is not null;
-- A title that a step was given by itself begins with its key; one that a teacher wrote stays as it is.
update assignments set title = regexp_replace(regexp_replace(title, '^([A-G])b', '$1' || U&'\266D'), '^([A-G])#', '$1' || U&'\266F')
  where exists (select 1 from steps where steps.id = assignments.step_id and steps.title = assignments.title
                and steps.title like steps.in_key || ',%');
update steps set title = regexp_replace(regexp_replace(title, '^([A-G])b', '$1' || U&'\266D'), '^([A-G])#', '$1' || U&'\266F')
  where title like in_key || ',%';
update steps set in_key = regexp_replace(regexp_replace(in_key, '^([A-G])b', '$1' || U&'\266D'), '^([A-G])#', '$1' || U&'\266F')
  where in_key is not null;
