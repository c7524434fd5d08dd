-- Which sheets an issue is of; none named stands for all there were.

alter table issue add column sheets jsonb not null default '[]';
