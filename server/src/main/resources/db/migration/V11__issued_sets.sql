-- The names of the sets that the sheets of an issue were bound in; none named where that was not kept.

alter table issue add column sets jsonb not null default '[]';
