package org.vatwright.files.log;

import org.vatwright.core.measure.Refusal;

/** What a user is told when something fails, and what is noted of it. */
public final class Fault {

    private Fault() {}

    /**
     * Notes the details of what nobody expected in the log.
     *
     * @return what is said of it: one line, without a full stop
     */
    public static String told(Throwable e) {
        if (e instanceof Refusal) {
            return line(e.getMessage());
        }
        System.getLogger(Fault.class.getName()).log(System.Logger.Level.ERROR, "failed", e);
        return switch (e) {
            case OutOfMemoryError _ ->
                "there is not enough memory for that many pixels; lower the density or the size";
            case StackOverflowError _ -> "what was asked for is nested too deep";
            default -> line("this should not have happened: " + e);
        };
    }

    private static String line(String text) {
        return String.join(" ", String.valueOf(text).strip().split("\\s*\\R\\s*"));
    }
}
