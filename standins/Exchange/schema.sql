CREATE TABLE IF NOT EXISTS made_from (schema_hash CHAR(32) PRIMARY KEY);

CREATE TABLE IF NOT EXISTS accounts (
    id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
    name VARCHAR(80) NOT NULL,
    environment ENUM('practice', 'live') NOT NULL,
    cash DECIMAL(36, 18) NOT NULL,
    hedging BOOLEAN NOT NULL DEFAULT FALSE,
    leverage SMALLINT UNSIGNED NOT NULL DEFAULT 1,
    margin_seen_until BIGINT UNSIGNED NOT NULL DEFAULT 0
);

CREATE TABLE IF NOT EXISTS holdings (
    account_id BIGINT UNSIGNED NOT NULL,
    instrument VARCHAR(40) NOT NULL,
    book ENUM('net', 'long', 'short') NOT NULL DEFAULT 'net',
    quantity DECIMAL(36, 18) NOT NULL DEFAULT 0,
    cost DECIMAL(36, 18) NOT NULL DEFAULT 0,
    realised DECIMAL(36, 18) NOT NULL DEFAULT 0,
    fees DECIMAL(36, 18) NOT NULL DEFAULT 0,
    open_fees DECIMAL(36, 18) NOT NULL DEFAULT 0,
    leverage SMALLINT UNSIGNED NOT NULL DEFAULT 1,
    margin ENUM('isolated', 'cross') NULL,
    charged_until BIGINT UNSIGNED NOT NULL DEFAULT 0,
    PRIMARY KEY (account_id, instrument, book)
);

CREATE TABLE IF NOT EXISTS orders (
    id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
    account_id BIGINT UNSIGNED NOT NULL,
    client_id VARCHAR(40) NOT NULL,
    instrument VARCHAR(40) NOT NULL,
    side ENUM('buy', 'sell') NOT NULL,
    type ENUM('market', 'limit', 'stop', 'stop_limit') NOT NULL,
    quantity DECIMAL(36, 18) NOT NULL,
    filled DECIMAL(36, 18) NOT NULL DEFAULT 0,
    price DECIMAL(36, 18) NULL,
    trigger_price DECIMAL(36, 18) NULL,
    follows_by DECIMAL(36, 18) NULL,
    cancel_group VARCHAR(40) NULL,
    triggered BOOLEAN NOT NULL DEFAULT FALSE,
    reduce_only BOOLEAN NOT NULL,
    status ENUM('working', 'filled', 'cancelled') NOT NULL,
    matched_until BIGINT UNSIGNED NOT NULL,
    ends_at BIGINT UNSIGNED NULL,
    created_at DATETIME(6) NOT NULL,
    UNIQUE (account_id, client_id),
    INDEX (account_id, status),
    INDEX (account_id, cancel_group)
);

CREATE TABLE IF NOT EXISTS fills (
    id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
    order_id BIGINT UNSIGNED NOT NULL,
    account_id BIGINT UNSIGNED NOT NULL,
    instrument VARCHAR(40) NOT NULL,
    side ENUM('buy', 'sell') NOT NULL,
    quantity DECIMAL(36, 18) NOT NULL,
    price DECIMAL(36, 18) NOT NULL,
    fee DECIMAL(36, 18) NOT NULL,
    created_at DATETIME(6) NOT NULL,
    INDEX (order_id),
    INDEX (account_id, id)
);

CREATE TABLE IF NOT EXISTS faults (
    id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
    kind VARCHAR(40) NOT NULL,
    path VARCHAR(80) NOT NULL,
    who VARCHAR(60) NOT NULL DEFAULT '',
    remaining INT UNSIGNED NOT NULL,
    delay_ms INT UNSIGNED NOT NULL DEFAULT 0
);

CREATE TABLE IF NOT EXISTS request_counts (
    bucket VARCHAR(60) NOT NULL,
    second BIGINT UNSIGNED NOT NULL,
    requests INT UNSIGNED NOT NULL,
    PRIMARY KEY (bucket)
) ENGINE = MEMORY;

CREATE TABLE IF NOT EXISTS closings (
    id BIGINT UNSIGNED AUTO_INCREMENT PRIMARY KEY,
    instrument VARCHAR(40) NOT NULL,
    from_moment DATETIME NOT NULL,
    to_moment DATETIME NOT NULL
);
