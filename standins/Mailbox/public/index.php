<?php

declare(strict_types=1);

// Everything that was mailed, the newest first: plain text, so that nobody takes it for a mail program.
$mails = glob(getenv('WEXON_MAILBOX').'/*.eml') ?: [];
rsort($mails);
header('Content-Type: text/plain; charset=utf-8');
echo count($mails)." mails\n";
foreach (array_slice($mails, 0, 50) as $mail) {
    $text = (string) file_get_contents($mail);
    [$head, $body] = [...preg_split('/\r?\n\r?\n/', $text, 2) ?: [], ''];
    echo "\n".str_repeat('=', 60)."\n".iconv_mime_decode($head, ICONV_MIME_DECODE_CONTINUE_ON_ERROR, 'UTF-8')."\n\n".(str_contains($head, 'quoted-printable') ? quoted_printable_decode($body) : $body)."\n";
}
