alter table client drop column frame;
alter table wardrobe_change add index change_by_entry (client_id, part, ref, number);
