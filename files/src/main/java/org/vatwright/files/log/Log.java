package org.vatwright.files.log;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.FileHandler;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogRecord;
import java.util.logging.Logger;
import java.util.logging.SimpleFormatter;

/** The program's log: a few files in the user's folder that take turns, begun when there is something to note. */
public final class Log {

    private static final int MOST_BYTES = 1 << 20;
    private static final int FILES = 3;

    private Log() {}

    /**
     * From now on, all that is noted goes to files in that folder and nothing to the terminal. Where the folder cannot be
     * written the program goes on without a log.
     */
    public static void start(Path folder) {
        Logger root = Logger.getLogger("");
        for (Handler handler : root.getHandlers()) {
            root.removeHandler(handler);
        }
        root.addHandler(new Late(folder));
    }

    /** Opens its file with the first record: most runs have nothing to note and leave no file. */
    private static final class Late extends Handler {

        private final Path folder;
        private Handler file;
        private boolean without;

        Late(Path folder) {
            this.folder = folder;
            setLevel(Level.INFO);
        }

        @Override
        public synchronized void publish(LogRecord entry) {
            if (!isLoggable(entry) || without) {
                return;
            }
            try {
                if (file == null) {
                    Files.createDirectories(folder);
                    file = new FileHandler(folder.toString().replace("%", "%%") + "/vatwright-%u-%g.log", MOST_BYTES,
                            FILES, true);
                    file.setFormatter(new SimpleFormatter());
                }
                file.publish(entry);
            } catch (IOException | SecurityException e) {
                without = true;
            }
        }

        @Override
        public synchronized void flush() {
            if (file != null) {
                file.flush();
            }
        }

        @Override
        public synchronized void close() {
            if (file != null) {
                file.close();
            }
        }
    }
}
