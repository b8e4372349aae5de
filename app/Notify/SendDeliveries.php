<?php

namespace App\Notify;

use App\Models\Channel;
use App\Models\Delivery;
use Illuminate\Mail\Message;
use Illuminate\Support\Facades\Http;
use Illuminate\Support\Facades\Mail;
use Throwable;

/** Sends what is due. What does not arrive is tried again, later and later, and is then shown as failed, to be sent by hand. */
final class SendDeliveries
{
    private const AT_ONCE = 20;

    private const TIMEOUT = 5;

    /** Seconds before the second, third … attempt. */
    private const RESTS = [10, 60, 300, 1800];

    public function send(): void
    {
        foreach (Delivery::query()->where('state', 'due')->where('due_at', '<=', now()->format('Y-m-d H:i:s.u'))->with('channel')->orderBy('due_at')->limit(self::AT_ONCE)->get() as $delivery) {
            $this->attempt($delivery);
        }
    }

    public function attempt(Delivery $delivery): void
    {
        try {
            $delivery->channel->way === 'mail' ? $this->mail($delivery->channel, $delivery) : $this->webhook($delivery->channel, $delivery);
            $delivery->update(['state' => 'sent', 'attempts' => $delivery->attempts + 1, 'trouble' => null, 'sent_at' => now()]);
        } catch (Throwable $trouble) {
            $rest = self::RESTS[$delivery->attempts] ?? null;
            $delivery->update(['state' => $rest === null ? 'failed' : 'due', 'attempts' => $delivery->attempts + 1, 'trouble' => mb_substr($trouble->getMessage(), 0, 400), 'due_at' => now()->addSeconds($rest ?? 0)]);
        }
    }

    private function mail(Channel $channel, Delivery $delivery): void
    {
        Mail::raw($delivery->words, static function (Message $mail) use ($channel, $delivery): void {
            $mail->to($channel->target)->from('wexon@'.config('wexon.mail_domain'), 'Wexon')->subject($delivery->subject);
        });
    }

    /** Signed over the time and the body, so that a receiver can tell it from any other. */
    private function webhook(Channel $channel, Delivery $delivery): void
    {
        $body = $channel->form->body($channel, $delivery);
        $time = (string) now()->getTimestamp();
        Http::timeout(self::TIMEOUT)->connectTimeout(self::TIMEOUT)->withoutRedirecting()->withHeaders([
            'Wexon-Time' => $time,
            'Wexon-Signature' => hash_hmac('sha256', "{$time}.{$body}", $channel->secret),
            'Wexon-Delivery' => (string) $delivery->id,
        ])->withBody($body, $channel->form->contentType())->post($channel->target)->throw();
    }
}
