package org.vatwright.core.draft;

import java.math.BigInteger;
import java.util.List;
import java.util.Optional;
import java.util.function.IntUnaryOperator;
import java.util.stream.IntStream;

import org.vatwright.core.measure.Require;

/** Works the drafts of named weaves out. */
final class Weaves {

    private static final int MOST_TURN = Draft.MOST_SHAFTS;
    private static final int MOST_STRIPE = 500;

    private Weaves() {}

    /** Blocks of ends by picks, over and under in turn; one by one it is plain weave. */
    static NamedWeave basket(String name, int ends, int picks) {
        Require.within("ends of the basket", ends, 1, 256);
        Require.within("picks of the basket", picks, 1, 256);
        return new NamedWeave(name, Draft.weaving(
                Squares.by(2 * ends, 2 * picks, (end, pick) -> (end / ends + pick / picks) % 2 == 0)));
    }

    static NamedWeave twill(List<Integer> turn, int step, boolean left) {
        boolean[] over = over(turn, 2);
        return new NamedWeave("twill " + words(turn, step, left), drawn(over, step, left, over.length, e -> e));
    }

    /** Straight up the shafts and back, the first and the last shaft once. */
    static NamedWeave pointed(List<Integer> turn, int step, boolean left) {
        boolean[] over = over(turn, 3);
        int n = over.length;
        return new NamedWeave("pointed " + words(turn, step, left),
                drawn(over, step, left, 2 * n - 2, e -> e < n ? e : 2 * n - 2 - e));
    }

    /** Half of the shafts upwards, the other half downwards (1 2 4 3). */
    static NamedWeave broken(List<Integer> turn, int step, boolean left) {
        boolean[] over = over(turn, 4);
        int n = over.length;
        int half = n / 2;
        return new NamedWeave("broken " + words(turn, step, left),
                drawn(over, step, left, n, e -> e < half ? e : n - 1 - (e - half)));
    }

    /** Stripes of twill to one side and to the other; at each break the draw jumps half the shafts, so floats are cut. */
    static NamedWeave herringbone(List<Integer> turn, int step, boolean left, int stripe) {
        boolean[] over = over(turn, 3);
        int n = over.length;
        int width = stripe == 0 ? 2 * n : stripe;
        Require.within("ends of a stripe", width, 2, MOST_STRIPE);
        return new NamedWeave("herringbone " + words(turn, step, left) + " " + width,
                drawn(over, step, left, 2 * width,
                        e -> e < width ? e % n : Math.floorMod(width - 1 + n / 2 - (e - width), n)));
    }

    /** @param step how far the binding point of each pick lies from that of the one before; 0 for the least valid */
    static NamedWeave satin(int n, int step, boolean warpFace) {
        String name = warpFace ? "satin" : "sateen";
        Require.that(n >= 5 && n <= MOST_TURN && n != 6,
                "a %s of %s ends cannot be bound evenly; 5, or 7 to %d can".formatted(name, n > MOST_TURN
                        ? "more than " + MOST_TURN
                        : n, MOST_TURN));
        List<Integer> valid = IntStream.rangeClosed(2, n - 2).filter(s -> coprime(s, n)).boxed().toList();
        int chosen = step == 0 ? valid.getFirst() : step;
        Require.that(valid.contains(chosen), "a %s of %d ends with step %d %s; %s will do".formatted(name, n, chosen,
                chosen < 2 || chosen % n == 1 || chosen % n == n - 1
                        ? "binds in lines, as a twill does"
                        : chosen >= n ? "steps beyond its ends" : "leaves ends unbound, since both share a factor",
                "step " + String.join(", ", valid.stream().map(String::valueOf).toList())));
        return new NamedWeave("%s %d/%d".formatted(name, n, chosen), Draft.straight(n, n,
                Squares.by(n, n, (pick, end) -> (end == chosen * pick % n) != warpFace)));
    }

    /**
     * Ordinary honeycomb: drawn and trodden to a point and back; a single line of binding between a diamond of warp
     * floats, which leaves one pick free beside the line, and one of weft floats.
     */
    static NamedWeave waffle(int shafts) {
        Require.within("shafts of the waffle", shafts, 4, Draft.MOST_SHAFTS);
        int n = shafts;
        IntUnaryOperator point = i -> i < n ? i : 2 * n - 2 - i;
        return new NamedWeave("waffle " + n, new Draft(
                Squares.by(2 * n - 2, n, (end, shaft) -> point.applyAsInt(end) == shaft),
                Optional.of(Squares.by(n, n, (t, s) -> t + s == n - 1 || t + s > n)),
                Squares.by(n, 2 * n - 2, (treadle, pick) -> point.applyAsInt(pick) == treadle), true));
    }

    private static Draft drawn(boolean[] over, int step, boolean left, int ends, IntUnaryOperator shaftOf) {
        int n = over.length;
        List<Integer> valid = IntStream.range(1, n).filter(s -> coprime(s, n)).boxed().toList();
        Require.that(valid.contains(step),
                "step %d of a twill over %d ends %s; %s will do".formatted(step, n,
                        step % n == 0 ? "never moves on" : step > n ? "goes beyond them" : "shares a factor with them",
                        String.join(", ", valid.stream().map(String::valueOf).toList())));
        Squares tieUp = Squares.by(n, n, (treadle, shaft) -> over[Math.floorMod(
                shaft + (left ? -1 : 1) * step * treadle, n)]);
        return new Draft(Squares.by(ends, n, (end, shaft) -> shaftOf.applyAsInt(end) == shaft), Optional.of(tieUp),
                Squares.by(n, n, (treadle, pick) -> treadle == pick), true);
    }

    /** @return for each end of one turn whether it is over */
    private static boolean[] over(List<Integer> floats, int least) {
        String written = String.join("/", floats.stream().map(String::valueOf).toList());
        Require.that(floats.size() % 2 == 0,
                "a twill goes over and under in turn, such as 2/2 or 3/1/1/3; %s has an odd count".formatted(written));
        floats.forEach(f -> Require.within("float of the twill", f, 1, MOST_TURN));
        int n = floats.stream().mapToInt(f -> f).sum();
        Require.that(n >= least && n <= MOST_TURN,
                "%s takes %d shafts; %d to %d are possible".formatted(written, n, least, MOST_TURN));
        boolean[] over = new boolean[n];
        int at = 0;
        for (int i = 0; i < floats.size(); i++) {
            for (int k = 0; k < floats.get(i); k++) {
                over[at++] = i % 2 == 0;
            }
        }
        return over;
    }

    private static String words(List<Integer> turn, int step, boolean left) {
        return String.join("/", turn.stream().map(String::valueOf).toList()) + (step == 1 ? "" : " step " + step)
                + (left ? " left" : "");
    }

    private static boolean coprime(int a, int b) {
        return BigInteger.valueOf(a).gcd(BigInteger.valueOf(b)).equals(BigInteger.ONE);
    }
}
