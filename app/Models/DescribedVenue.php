<?php

namespace App\Models;

use App\Connector\Described\Description;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Support\Str;

/**
 * A venue that a desk has described.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $venue
 * @property array<string, mixed> $spec
 */
class DescribedVenue extends Model
{
    private const LONGEST_NAME = 24;

    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'spec'];

    protected $casts = ['spec' => 'array'];

    protected static function booted(): void
    {
        static::creating(static function (DescribedVenue $venue): void {
            $venue->venue = Str::limit(Str::slug((string) $venue->spec['name'], '_'), self::LONGEST_NAME, '').'_'.strtolower(Str::random(8));
        });
    }

    public function description(): Description
    {
        return Description::of($this->spec);
    }
}
