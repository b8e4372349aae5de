<?php

declare(strict_types=1);

namespace Wexon\Core\Study;

use InvalidArgumentException;

/** A study, condition or script was asked for that there cannot be; the message says what to change. */
final class StudyTrouble extends InvalidArgumentException {}
