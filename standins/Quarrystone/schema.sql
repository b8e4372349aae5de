CREATE TABLE IF NOT EXISTS api_keys (
    `key` CHAR(24) PRIMARY KEY,
    secret CHAR(48) NOT NULL,
    account_id BIGINT UNSIGNED NOT NULL REFERENCES accounts (id),
    permissions VARCHAR(60) NOT NULL
);
