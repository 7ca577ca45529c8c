package org.vatwright.core.draft;

import java.util.Optional;

/**
 * The longest floats of a drawdown that recurs in both directions.
 *
 * @param warpFace the warp over picks, on the face
 * @param weftFace the weft over ends, on the face
 * @param warpBack the warp under picks, which is a warp float on the back
 * @param weftBack the weft under ends
 */
public record Floats(Optional<Run> warpFace, Optional<Run> weftFace, Optional<Run> warpBack, Optional<Run> weftBack) {

    /**
     * @param end,pick the first crossing it passes, counted from 0
     * @param along how many crossings it passes; {@link Integer#MAX_VALUE} where a thread is never bound
     * @param warp whether it runs along an end; else along a pick
     */
    public record Run(int end, int pick, int along, boolean warp) {

        public boolean bound() {
            return along < Integer.MAX_VALUE;
        }

        /** @return such as "3 picks at end 5, pick 2", counted from 1 */
        public String words() {
            String thread = warp ? "end %d".formatted(end + 1) : "pick %d".formatted(pick + 1);
            return bound()
                    ? "%d %s%s at end %d, pick %d".formatted(along, warp ? "pick" : "end", along == 1 ? "" : "s",
                            end + 1,
                            pick + 1)
                    : thread + " is never bound";
        }
    }

    public static Floats of(Squares drawdown) {
        Squares turned = drawdown.turned();
        return new Floats(longest(turned, true, true), longest(drawdown, false, false),
                longest(turned, false, true), longest(drawdown, true, false));
    }

    /** @param lines a row a thread; looked for are the longest runs of that mark, round the edge */
    private static Optional<Run> longest(Squares lines, boolean mark, boolean warp) {
        int best = 0;
        int bestLine = 0;
        int bestStart = 0;
        for (int line = 0; line < lines.rows(); line++) {
            int n = lines.columns();
            int start = 0;
            while (start < n && lines.at(start, line) == mark) {
                start++;
            }
            if (start == n) {
                return Optional.of(new Run(warp ? line : 0, warp ? 0 : line, Integer.MAX_VALUE, warp));
            }
            int run = 0;
            for (int i = 1; i <= n; i++) {
                if (lines.at((start + i) % n, line) == mark) {
                    run++;
                } else {
                    if (run > best) {
                        best = run;
                        bestLine = line;
                        bestStart = Math.floorMod(start + i - run, n);
                    }
                    run = 0;
                }
            }
        }
        return best == 0
                ? Optional.empty()
                : Optional.of(new Run(warp ? bestLine : bestStart, warp ? bestStart : bestLine, best, warp));
    }

    /** @return the longest float on the face, along the warp or the weft */
    public Optional<Run> longestOnFace() {
        if (warpFace.isEmpty() || weftFace.isPresent() && weftFace.get().along() > warpFace.get().along()) {
            return weftFace;
        }
        return warpFace;
    }
}
