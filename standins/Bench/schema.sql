-- What the bench keeps. Times are in milliseconds since 1970: "at" by the practice clock, "…_at" otherwise as there is.

CREATE TABLE IF NOT EXISTS made_from (
    schema_hash CHAR(32) NOT NULL PRIMARY KEY
);

CREATE TABLE IF NOT EXISTS settings (
    name VARCHAR(40) NOT NULL PRIMARY KEY,
    value TEXT NOT NULL
);

CREATE TABLE IF NOT EXISTS imports (
    id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
    name VARCHAR(60) NOT NULL,
    candles VARCHAR(8) NOT NULL,
    digits TINYINT UNSIGNED NOT NULL,
    created_at BIGINT NOT NULL
);

CREATE TABLE IF NOT EXISTS imported_candles (
    import_id BIGINT UNSIGNED NOT NULL,
    at BIGINT NOT NULL,
    open DOUBLE NOT NULL,
    high DOUBLE NOT NULL,
    low DOUBLE NOT NULL,
    close DOUBLE NOT NULL,
    volume DOUBLE NOT NULL,
    PRIMARY KEY (import_id, at)
);

CREATE TABLE IF NOT EXISTS drawings (
    id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
    chart VARCHAR(80) NOT NULL,
    points JSON NOT NULL,
    KEY (chart)
);

CREATE TABLE IF NOT EXISTS scripts (
    id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
    script VARCHAR(40) NOT NULL,
    chart VARCHAR(80) NOT NULL,
    candles VARCHAR(8) NOT NULL,
    parameters JSON NOT NULL,
    size DECIMAL(30, 12) NOT NULL,
    fee DECIMAL(10, 6) NOT NULL,
    slippage INT UNSIGNED NOT NULL,
    state VARCHAR(12) NOT NULL,
    since BIGINT NOT NULL,
    state_then MEDIUMBLOB NULL,
    seen_until BIGINT NOT NULL,
    created_at BIGINT NOT NULL,
    KEY (state)
);

CREATE TABLE IF NOT EXISTS script_events (
    id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
    script_id BIGINT UNSIGNED NOT NULL,
    at BIGINT NOT NULL,
    kind VARCHAR(12) NOT NULL,
    side VARCHAR(4) NOT NULL,
    size DECIMAL(30, 12) NOT NULL,
    price DECIMAL(30, 12) NOT NULL,
    label VARCHAR(80) NOT NULL,
    position DECIMAL(30, 12) NOT NULL,
    money DECIMAL(30, 12) NOT NULL,
    created_at BIGINT NOT NULL,
    KEY (script_id, id)
);

CREATE TABLE IF NOT EXISTS alerts (
    id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
    name VARCHAR(200) NOT NULL,
    chart VARCHAR(80) NOT NULL,
    candles VARCHAR(8) NOT NULL,
    shown_if JSON NULL,
    script_id BIGINT UNSIGNED NULL,
    only_when VARCHAR(12) NULL,
    firing VARCHAR(16) NOT NULL,
    message TEXT NOT NULL,
    address VARCHAR(400) NULL,
    mail VARCHAR(200) NULL,
    expires_at BIGINT NULL,
    state VARCHAR(12) NOT NULL,
    fired INT UNSIGNED NOT NULL DEFAULT 0,
    last_fired_at BIGINT NULL,
    seen_until BIGINT NOT NULL,
    created_at BIGINT NOT NULL,
    KEY (state),
    KEY (script_id)
);

CREATE TABLE IF NOT EXISTS firings (
    id BIGINT UNSIGNED NOT NULL AUTO_INCREMENT PRIMARY KEY,
    alert_id BIGINT UNSIGNED NOT NULL,
    at BIGINT NOT NULL,
    price DECIMAL(30, 12) NOT NULL,
    body MEDIUMTEXT NOT NULL,
    way VARCHAR(4) NOT NULL,
    target VARCHAR(400) NOT NULL,
    state VARCHAR(12) NOT NULL,
    tries TINYINT UNSIGNED NOT NULL DEFAULT 0,
    due_at BIGINT NOT NULL,
    sent_at BIGINT NULL,
    status SMALLINT UNSIGNED NULL,
    answer VARCHAR(400) NULL,
    took_ms INT UNSIGNED NULL,
    KEY (state, due_at),
    KEY (alert_id, id)
);
