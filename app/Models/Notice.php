<?php

namespace App\Models;

use App\Live\Live;
use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;

/**
 * Something that the desk should know of.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $kind
 * @property string $words
 * @property string|null $link
 * @property CarbonImmutable $created_at
 * @property CarbonImmutable|null $read_at
 */
class Notice extends Model
{
    public $timestamps = false;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'kind', 'words', 'link', 'created_at', 'read_at'];

    protected $casts = ['created_at' => 'immutable_datetime', 'read_at' => 'immutable_datetime'];

    /** Tells the desk, unless the same was told and nobody has read it yet. */
    public static function once(int $deskId, string $kind, string $words, string $link): void
    {
        if (! self::query()->where('desk_id', $deskId)->whereNull('read_at')->where('kind', $kind)->where('words', $words)->exists()) {
            self::query()->create(['desk_id' => $deskId, 'kind' => $kind, 'words' => $words, 'link' => $link, 'created_at' => now()]);
            app(Live::class)->notices($deskId);
        }
    }
}
