-- Occasions a studio offers besides the shipped ones, in document form.
alter table studio add column occasions longtext not null default '[]';
