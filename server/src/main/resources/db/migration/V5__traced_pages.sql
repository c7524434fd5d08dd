-- Pages of files to trace from, drawn once and kept.

create table traced_page (
    file text    not null references traced_file (sha256),
    page integer not null,
    what text    not null,
    body bytea   not null,
    primary key (file, page, what)
);
