-- Projects, their elements as they stand, and a journal with one row for every accepted edit.

create table person (
    id   bigint generated always as identity primary key,
    name text not null unique
);
insert into person (name) values ('Local drafter');

create table project (
    id         uuid primary key,
    name       text        not null,
    address    text        not null,
    client     text        not null,
    units      text        not null,
    revision   bigint      not null,
    created_at timestamptz not null,
    changed_at timestamptz not null,
    deleted_at timestamptz
);

create table element (
    project_id uuid  not null references project (id) on delete cascade,
    id         text  not null,
    format     int   not null,
    body       jsonb not null,
    primary key (project_id, id)
);

create table journal (
    id          bigint generated always as identity primary key,
    project_id  uuid        not null references project (id) on delete cascade,
    revision    bigint      not null,
    edit_id     uuid        not null,
    person_id   bigint      not null references person (id),
    kind        text        not null check (kind in ('EDIT', 'UNDO', 'REDO')),
    name        text        not null,
    format      int         not null,
    before      jsonb       not null,
    after       jsonb       not null,
    taken_back  boolean     not null default false,
    made_at     timestamptz not null,
    unique (project_id, revision),
    unique (project_id, edit_id)
);
create index journal_of_person on journal (project_id, person_id, revision desc);

create table named_version (
    id         uuid primary key,
    project_id uuid        not null references project (id) on delete cascade,
    name       text        not null,
    revision   bigint      not null,
    format     int         not null,
    elements   jsonb       not null,
    made_at    timestamptz not null
);
create index named_version_of_project on named_version (project_id, made_at);
