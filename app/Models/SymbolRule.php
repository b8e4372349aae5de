<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * What charts write before and behind the tickers of one venue.
 *
 * @property int $id
 * @property int $desk_id
 * @property string $venue
 * @property list<string> $prefixes
 * @property list<string> $suffixes
 */
class SymbolRule extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['desk_id', 'venue', 'prefixes', 'suffixes'];

    protected $casts = ['prefixes' => 'array', 'suffixes' => 'array'];
}
