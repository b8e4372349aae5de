<?php

namespace App\Notify;

use App\Models\Channel;
use App\Models\Delivery;

/** How the body of a webhook is made: our own, or what chat rooms take. */
enum WebhookForm: string
{
    /** Everything, as fields. */
    case Wexon = 'wexon';
    /** {"text": "…"} */
    case Text = 'text';
    /** {"content": "…"} */
    case Content = 'content';
    /** The words alone, as text/plain. */
    case Plain = 'plain';

    public function body(Channel $channel, Delivery $delivery): string
    {
        $words = "{$delivery->subject}\n{$delivery->words}";

        return match ($this) {
            self::Wexon => $this->json(['channel' => $channel->name, 'subject' => $delivery->subject, 'words' => $delivery->words, 'notices' => $delivery->notices, 'at' => $delivery->created_at->format('Y-m-d\TH:i:s.v\Z')]),
            self::Text => $this->json(['text' => $words]),
            self::Content => $this->json(['content' => $words]),
            self::Plain => $words,
        };
    }

    public function contentType(): string
    {
        return $this === self::Plain ? 'text/plain; charset=utf-8' : 'application/json';
    }

    /** @param  array<string, mixed>  $body */
    private function json(array $body): string
    {
        return json_encode($body, JSON_THROW_ON_ERROR | JSON_UNESCAPED_UNICODE | JSON_UNESCAPED_SLASHES);
    }
}
