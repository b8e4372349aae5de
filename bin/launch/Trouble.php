<?php

declare(strict_types=1);

namespace Launch;

use RuntimeException;

/** Something that the person at the keyboard has to know; the message says what to do. */
final class Trouble extends RuntimeException {}
