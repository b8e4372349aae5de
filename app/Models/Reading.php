<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Illuminate\Database\Eloquent\Relations\HasMany;
use Wexon\Core\Reading\Mapping\Reading as ReadingValue;

/**
 * How messages of a trader's own shape become signals, with the samples that it is tested by.
 *
 * @phpstan-import-type ReadingSpec from ReadingValue
 *
 * @property int $id
 * @property int $desk_id
 * @property string $name
 * @property ReadingSpec $spec
 * @property CarbonImmutable $updated_at
 * @property \Illuminate\Database\Eloquent\Collection<int, ReadingSample> $samples
 * @property \Illuminate\Database\Eloquent\Collection<int, Inlet> $inlets
 */
class Reading extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'name', 'spec'];

    protected $casts = ['spec' => 'array', 'updated_at' => 'immutable_datetime'];

    public function value(): ReadingValue
    {
        return ReadingValue::of($this->spec);
    }

    /** @return HasMany<ReadingSample, $this> */
    public function samples(): HasMany
    {
        return $this->hasMany(ReadingSample::class)->orderBy('id');
    }

    /** @return HasMany<Inlet, $this> */
    public function inlets(): HasMany
    {
        return $this->hasMany(Inlet::class);
    }
}
