-- The note whose fingers are asked for; null for questions about a key alone.
alter table quiz_answers add column pitch varchar(6);
-- An answer may be a hand in words.
alter table quiz_answers alter column answer set data type varchar(300);
