-- The last change, and all changes of one item, are looked up by these.
create index change_by_state on change (state, id);
create index paper_by_name on paper (name);
