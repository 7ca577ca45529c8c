package org.vatwright.desktop;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.concurrent.TimeUnit;

/** What a machine that is shared with others took away from this system, so that it is not taken for what the program needed. */
final class Away {

    private static final Path STAT = Path.of("/proc/stat");
    private static final int STOLEN = 8;
    private static final double TICK_MILLIS = TimeUnit.SECONDS.toMillis(1) / 100.0;

    private Away() {}

    /**
     * @return ms of all processors together in which one was wanted and another system had it, since the start, by tens; always 0
     *         where a system does not tell (proc(5), the eighth number of the first line)
     */
    static double millis() {
        try {
            return Files.isReadable(STAT) ? millis(Files.readString(STAT)) : 0;
        } catch (IOException e) {
            return 0;
        }
    }

    static double millis(String stat) {
        String[] numbers = stat.lines().findFirst().orElse("").trim().split("\\s+");
        return numbers.length > STOLEN ? Long.parseLong(numbers[STOLEN]) * TICK_MILLIS : 0;
    }
}
