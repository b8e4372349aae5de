<?php

declare(strict_types=1);

namespace Standin\Caller;

use GuzzleHttp\Client;
use GuzzleHttp\Exception\GuzzleException;
use Symfony\Component\Mailer\Exception\ExceptionInterface;
use Symfony\Component\Mailer\Transport;
use Symfony\Component\Mime\Email;
use Wexon\Core\Practice\Noise;

/** Sends the demo's alert messages, one every few seconds: most of them sense, some of them the mistakes that people make. */
final class Caller
{
    private const PAUSE = 9;

    private readonly Client $http;

    /**
     * @param  list<string>  $inlets  Addresses: first the charts', then the script's.
     * @param  string  $mailbox  Where the evening letter goes.
     */
    public function __construct(
        private readonly array $inlets,
        private readonly string $mailbox,
        private readonly int $mailPort,
    ) {
        $this->http = new Client(['timeout' => 5, 'http_errors' => false]);
    }

    public function run(): never
    {
        for ($turn = intdiv(time(), self::PAUSE); ; $turn++) {
            $dice = Noise::mixed(41, $turn);
            $said = $dice % 24 === 15 && ($dice >> 5) % 2 === 0 ? $this->mail(Messages::letter($dice >> 6)) : $this->post(...Messages::message($dice));
            echo gmdate('H:i:s'), ' ', $said, "\n";
            sleep(self::PAUSE);
        }
    }

    private function post(int $inlet, string $body): string
    {
        try {
            return $this->http->post($this->inlets[$inlet], ['body' => $body])->getStatusCode()." {$body}";
        } catch (GuzzleException $trouble) {
            return 'no answer: '.$trouble::class;
        }
    }

    private function mail(string $text): string
    {
        $mail = (new Email)->from('Evening letter <letters@lantern-row.example>')->to($this->mailbox)->subject('Your evening letter')->text($text);
        try {
            Transport::fromDsn("smtp://127.0.0.1:{$this->mailPort}?auto_tls=false")->send($mail);

            return 'mail '.str_replace("\n", ' ', $text);
        } catch (ExceptionInterface $trouble) {
            return 'mail not taken: '.$trouble->getMessage();
        }
    }
}
