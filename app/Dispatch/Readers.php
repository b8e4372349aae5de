<?php

namespace App\Dispatch;

use App\Models\ChartProfile;
use App\Models\Inlet;
use Wexon\Core\Profile\ChartProfile as ChartProfileValue;
use Wexon\Core\Profile\Placeholders;
use Wexon\Core\Reading\Mapping\Reading;
use Wexon\Core\Reading\MessageReader;

/** The reader of each inlet, made once for a batch of messages. */
final class Readers
{
    /** @var array<int, MessageReader> */
    private array $readers = [];

    /** @var array<int, Placeholders> */
    private array $placeholders = [];

    /** Readings and profiles may have changed since the last batch. */
    public function forget(): void
    {
        $this->readers = $this->placeholders = [];
    }

    public function of(Inlet $inlet): MessageReader
    {
        return $this->readers[$inlet->id] ??= $this->with($inlet->reading?->value(), $inlet->desk_id);
    }

    public function with(?Reading $reading, int $deskId): MessageReader
    {
        $this->placeholders[$deskId] ??= Placeholders::of(...ChartProfile::query()->where('desk_id', $deskId)->get()
            ->map(static fn (ChartProfile $profile): ChartProfileValue => $profile->value())->all());

        return MessageReader::of($reading, $this->placeholders[$deskId]);
    }
}
