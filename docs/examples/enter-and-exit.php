<?php

// Enters, waits, and gets out again: php enter-and-exit.php ADDRESS [SECONDS]. The address is an inlet's, from its page in Wexon.
[$address, $seconds] = [$argv[1], (int) ($argv[2] ?? 60)];
$say = static function (array $message) use ($address): void {
    $http = ['method' => 'POST', 'header' => 'Content-Type: application/json', 'timeout' => 5, 'content' => json_encode($message + ['id' => bin2hex(random_bytes(8))])];
    echo file_get_contents($address, context: stream_context_create(['http' => $http])) ?: throw new RuntimeException('Not taken: '.$address);
};
$say(['do' => 'enter', 'side' => 'long', 'symbol' => 'MARL/USD', 'label' => 'php']);
sleep($seconds);
$say(['do' => 'exit', 'symbol' => 'MARL/USD', 'label' => 'php']);
