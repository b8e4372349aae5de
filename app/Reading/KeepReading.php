<?php

namespace App\Reading;

use App\Models\Reading;
use App\Models\ReadingSample;
use Illuminate\Support\Facades\DB;
use Wexon\Core\Reading\Mapping\Reading as ReadingValue;

/**
 * Keeps a reading with its samples, each with what it says by it.
 *
 * @phpstan-type SampleGiven array{id?: int|null, body: string, content_type?: string|null}
 */
final readonly class KeepReading
{
    public function __construct(private Tried $tried) {}

    /**
     * The samples that stay and would be read otherwise than before.
     *
     * @param  list<SampleGiven>  $samples
     * @return list<array{id: int, body: string, before: list<string>, after: list<string>}>
     */
    public function broken(Reading $reading, ReadingValue $value, array $samples): array
    {
        $kept = array_filter(array_column($samples, 'id'), is_int(...));
        $broken = [];
        foreach ($reading->samples->whereIn('id', $kept) as $sample) {
            $after = $this->tried->said($value, $sample->body, $sample->content_type, $reading->desk_id);
            if ($after !== $sample->expected) {
                $broken[] = ['id' => $sample->id, 'body' => $sample->body, 'before' => $sample->expected, 'after' => $after];
            }
        }

        return $broken;
    }

    /** @param  list<SampleGiven>  $samples  All that the reading is to have; one with an id is one that it has already. */
    public function keep(Reading $reading, ReadingValue $value, array $samples): Reading
    {
        return DB::transaction(function () use ($reading, $value, $samples): Reading {
            $reading->fill(['spec' => $value->toArray()])->save();
            $reading->samples()->whereNotIn('id', array_filter(array_column($samples, 'id'), is_int(...)))->delete();
            foreach ($samples as $given) {
                $sample = isset($given['id']) ? $reading->samples()->find($given['id']) : null;
                $sample ??= new ReadingSample(['body' => $given['body'], 'content_type' => $given['content_type'] ?? null]);
                $sample->expected = $this->tried->said($value, $sample->body, $sample->content_type, $reading->desk_id);
                $reading->samples()->save($sample);
            }

            return $reading;
        });
    }
}
