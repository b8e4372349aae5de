<?php

declare(strict_types=1);

namespace Wexon\Core\Sizing;

use RuntimeException;

/** A size that cannot be traded; the message says which one could. */
final class SizeRefusal extends RuntimeException {}
