package org.vatwright.core.draft;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.util.Arrays;
import java.util.LinkedHashMap;
import java.util.Map;
import java.util.Optional;

import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;

/**
 * What a weaver needs to weave a cloth: on which shaft each end is threaded, which shafts each treadle is tied to, which
 * treadles are trodden for each pick; or, instead of the last two, the shafts lifted for each pick.
 *
 * @param threading a column an end, a row a shaft
 * @param tieUp a column a treadle, a row a shaft; empty when there is a lift plan
 * @param treadling a column a treadle, or a shaft in a lift plan; a row a pick
 * @param rising whether what is tied or planned is raised; else it is sunk
 */
@RecordBuilder
public record Draft(Squares threading, Optional<Squares> tieUp, Squares treadling,
        boolean rising) implements DraftBuilder.With {

    public static final int MOST_SHAFTS = 32;
    public static final int MOST_TREADLES = 32;
    public static final int MOST_THREADS = Squares.MOST_SIDE;

    public Draft {
        Require.within("shafts", threading.rows(), 1, MOST_SHAFTS);
        Require.within("treadles", treadling.columns(), 1, MOST_TREADLES);
        int shafts = threading.rows();
        if (tieUp.isPresent()) {
            Require.that(tieUp.get().rows() == shafts && tieUp.get().columns() == treadling.columns(),
                    "the tie-up is %d treadles by %d shafts; %d by %d would fit".formatted(tieUp.get().columns(),
                            tieUp.get().rows(), treadling.columns(), shafts));
        } else {
            Require.that(treadling.columns() == shafts,
                    "the lift plan has %d shafts, the threading %d".formatted(treadling.columns(), shafts));
        }
    }

    /** Straight: end i on shaft i, pick i with treadle i, each as often as there are shafts or treadles, then anew. */
    public static Draft straight(int ends, int picks, Squares tieUp) {
        return new Draft(Squares.by(ends, tieUp.rows(), (end, shaft) -> end % tieUp.rows() == shaft),
                Optional.of(tieUp),
                Squares.by(tieUp.columns(), picks, (treadle, pick) -> pick % tieUp.columns() == treadle), true);
    }

    /**
     * The draft with the fewest shafts and treadles that weaves a drawdown when each end is on one shaft and each pick
     * treads one treadle: a shaft for each different column, a treadle for each different row, in the order in which
     * they first come.
     *
     * @param drawdown a column an end, a row a pick, marked where the warp is up
     * @throws Refusal when more than 32 of either are needed
     */
    public static Draft weaving(Squares drawdown) {
        int[] shaftOf = kinds(drawdown.turned());
        int[] treadleOf = kinds(drawdown);
        int shafts = 1 + Arrays.stream(shaftOf).max().orElseThrow();
        int treadles = 1 + Arrays.stream(treadleOf).max().orElseThrow();
        Require.that(shafts <= MOST_SHAFTS && treadles <= MOST_TREADLES,
                "this drawdown needs %d shafts and %d treadles; %d of each are the most".formatted(shafts, treadles,
                        MOST_SHAFTS));
        int[] tied = new int[shafts];
        for (int end = drawdown.columns() - 1; end >= 0; end--) {
            tied[shaftOf[end]] = end;
        }
        int[] trodden = new int[treadles];
        for (int pick = drawdown.rows() - 1; pick >= 0; pick--) {
            trodden[treadleOf[pick]] = pick;
        }
        return new Draft(Squares.by(drawdown.columns(), shafts, (end, shaft) -> shaftOf[end] == shaft),
                Optional.of(Squares.by(treadles, shafts, (t, s) -> drawdown.at(tied[s], trodden[t]))),
                Squares.by(treadles, drawdown.rows(), (treadle, pick) -> treadleOf[pick] == treadle), true);
    }

    /** @return for each row the number of its kind; equal rows are of one kind */
    private static int[] kinds(Squares squares) {
        Map<java.nio.LongBuffer, Integer> known = new LinkedHashMap<>();
        int[] kinds = new int[squares.rows()];
        for (int row = 0; row < kinds.length; row++) {
            kinds[row] = known.computeIfAbsent(java.nio.LongBuffer.wrap(squares.row(row)), k -> known.size());
        }
        return kinds;
    }

    public int ends() {
        return threading.columns();
    }

    public int picks() {
        return treadling.rows();
    }

    public int shafts() {
        return threading.rows();
    }

    /** @return treadles of the tie-up; 0 with a lift plan */
    public int treadles() {
        return tieUp.map(Squares::columns).orElse(0);
    }

    /** @return for each pick the shafts that are tied or planned, bit s for shaft s */
    private int[] moved() {
        int[] moved = new int[picks()];
        for (int pick = 0; pick < moved.length; pick++) {
            int trodden = treadling.rowMask(pick);
            moved[pick] = trodden;
            if (tieUp.isPresent()) {
                moved[pick] = 0;
                for (int treadle = 0; treadle < treadling.columns(); treadle++) {
                    if ((trodden >>> treadle & 1) != 0) {
                        moved[pick] |= tieUp.get().columnMask(treadle);
                    }
                }
            }
        }
        return moved;
    }

    /**
     * drawdown[pick][end] = some treadle of the pick moves a shaft of the end. With a rising shed what moves is up, with
     * a sinking shed what moves is down; an end on no shaft never moves. Ends of one shaft are moved 64 at a time, and
     * picks that move the same shafts are worked out once.
     *
     * @return a column an end, a row a pick, marked where the warp is up
     */
    public Squares drawdown() {
        int[] moved = moved();
        Squares up = Squares.blank(ends(), picks());
        long[][] shaftEnds = new long[shafts()][];
        for (int shaft = 0; shaft < shaftEnds.length; shaft++) {
            shaftEnds[shaft] = threading.row(shaft);
        }
        Map<Integer, long[]> rows = new LinkedHashMap<>();
        for (int pick = 0; pick < moved.length; pick++) {
            up.join(pick, rows.computeIfAbsent(moved[pick], m -> lifted(m, shaftEnds)));
        }
        return rising ? up : up.inverted();
    }

    private static long[] lifted(int moved, long[][] shaftEnds) {
        long[] row = new long[shaftEnds[0].length];
        for (int shaft = 0; shaft < shaftEnds.length; shaft++) {
            if ((moved >>> shaft & 1) != 0) {
                for (int w = 0; w < row.length; w++) {
                    row[w] |= shaftEnds[shaft][w];
                }
            }
        }
        return row;
    }

    public Draft withTieUp(Squares other) {
        return with().tieUp(Optional.of(other)).build();
    }

    /** @return the same cloth, its shafts moved the other way: a tie-up for a rising shed made one for a sinking shed */
    public Draft withRising(boolean up) {
        if (up == rising) {
            return this;
        }
        return tieUp.isPresent()
                ? new Draft(threading, tieUp.map(Squares::inverted), treadling, up).checkedAgainst(this)
                : new Draft(threading, tieUp, treadling.inverted(), up).checkedAgainst(this);
    }

    private Draft checkedAgainst(Draft before) {
        if (!drawdown().equals(before.drawdown())) {
            throw new Refusal("picks that tread several treadles, and ends on none or several shafts, weave otherwise "
                    + "with the other shed; turn the treadling into a lift plan, or thread each end on one shaft");
        }
        return this;
    }

    /** @return the same cloth from a lift plan */
    public Draft withLiftPlan() {
        return tieUp.isEmpty()
                ? this
                : new Draft(threading, Optional.empty(), Squares.ofRowMasks(shafts(), moved()), rising);
    }

    /**
     * @return the same cloth from a tie-up with a treadle for each different lift, in the order they first come
     * @throws Refusal when more than 32 treadles are needed
     */
    public Draft withTreadles() {
        if (tieUp.isPresent()) {
            return this;
        }
        int[] lifts = Arrays.stream(moved()).distinct().toArray();
        Require.that(lifts.length <= MOST_TREADLES, "this lift plan needs %d treadles; %d are the most"
                .formatted(lifts.length, MOST_TREADLES));
        int[] moved = moved();
        return new Draft(threading,
                Optional.of(Squares.by(lifts.length, shafts(), (t, s) -> (lifts[t] >>> s & 1) != 0)),
                Squares.by(lifts.length, picks(), (t, pick) -> moved[pick] == lifts[t]), rising);
    }

    /** @return with shafts added above, or the upper ones taken away with what is threaded on and tied to them */
    public Draft withShafts(int count) {
        Require.within("shafts", count, 1, MOST_SHAFTS);
        return new Draft(threading.sized(ends(), count), tieUp.map(t -> t.sized(t.columns(), count)),
                tieUp.isPresent() ? treadling : treadling.sized(count, picks()), rising);
    }

    /** @return with treadles added, or the last ones taken away with what is trodden on them */
    public Draft withTreadles(int count) {
        Require.that(tieUp.isPresent(), "a lift plan has no treadles; turn it into a tie-up first");
        Require.within("treadles", count, 1, MOST_TREADLES);
        return new Draft(threading, tieUp.map(t -> t.sized(count, shafts())), treadling.sized(count, picks()), rising);
    }

    /** @return cut, or going on from the first end and pick anew */
    public Draft withThreads(int ends, int picks) {
        Require.within("ends", ends, 1, MOST_THREADS);
        Require.within("picks", picks, 1, MOST_THREADS);
        return new Draft(threading.repeated(ends, shafts()), tieUp, treadling.repeated(treadling.columns(), picks),
                rising);
    }

    /** @return what taking shafts away would do, in a sentence; empty when no end hangs on them */
    public String costOfShafts(int count) {
        int hung = 0;
        for (int end = 0; end < ends(); end++) {
            hung += threading.columnMask(end) >>> count != 0 && count < MOST_SHAFTS ? 1 : 0;
        }
        return hung == 0
                ? ""
                : "%d %s on shaft %d and above; they would hang on none".formatted(hung,
                        hung == 1 ? "end is" : "ends are", count + 1);
    }

    /** @return what taking treadles away would do, in a sentence; empty when no pick treads them */
    public String costOfTreadles(int count) {
        int trodden = 0;
        for (int pick = 0; pick < picks(); pick++) {
            trodden += count < MOST_TREADLES && treadling.rowMask(pick) >>> count != 0 ? 1 : 0;
        }
        return trodden == 0
                ? ""
                : "%d %s treadle %d and above; they would tread none".formatted(trodden,
                        trodden == 1 ? "pick treads" : "picks tread", count + 1);
    }
}
