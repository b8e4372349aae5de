<?php

namespace App\Models;

use Illuminate\Database\Eloquent\Model;

/**
 * A message that a reading must go on reading as it does.
 *
 * @property int $id
 * @property int $reading_id
 * @property string $body
 * @property string|null $content_type
 * @property list<string> $expected what it says, a line for each signal; or “!” and the error
 */
class ReadingSample extends Model
{
    protected $dateFormat = 'Y-m-d H:i:s.u';

    protected $fillable = ['body', 'content_type', 'expected'];

    protected $casts = ['expected' => 'array'];
}
