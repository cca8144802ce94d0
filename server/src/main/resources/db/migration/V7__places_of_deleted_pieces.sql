-- A deleted piece that is brought back stands where it stood.
alter table wardrobe_change add column place int null comment 'where a piece stood that went with this change';
