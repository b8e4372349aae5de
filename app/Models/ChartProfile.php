<?php

namespace App\Models;

use Carbon\CarbonImmutable;
use Illuminate\Database\Eloquent\Model;
use Wexon\Core\Profile\ChartProfile as ChartProfileValue;

/**
 * The placeholder texts of one charting platform.
 *
 * @phpstan-import-type ProfileSpec from ChartProfileValue
 *
 * @property int $id
 * @property int $desk_id
 * @property string $name
 * @property ProfileSpec $spec
 * @property CarbonImmutable $updated_at
 */
class ChartProfile extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'name', 'spec'];

    protected $casts = ['spec' => 'array', 'updated_at' => 'immutable_datetime'];

    public function value(): ChartProfileValue
    {
        return ChartProfileValue::of($this->spec);
    }
}
