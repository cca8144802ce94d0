-- How a studio holds the rules, where otherwise than by default: schools and parameters in document form.
alter table studio add column rules longtext not null default '{}';
