package org.vatwright.core.family.motif;

import io.soabase.recordbuilder.core.RecordBuilder;
import java.awt.geom.AffineTransform;
import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.UnaryOperator;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.pattern.Phase;
import org.vatwright.core.raster.Rows;
import org.vatwright.core.raster.Work;

import org.vatwright.core.measure.Require;
import org.vatwright.core.pattern.Finding;
import org.vatwright.core.pattern.Ink;
import org.vatwright.core.pattern.VectorMark;
import org.vatwright.core.repeat.Lattice;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.core.repeat.Tile;
import org.vatwright.core.repeat.WallpaperGroup;
import org.vatwright.core.shape.Drawing;
import org.vatwright.core.shape.DrawnStructure;
import org.vatwright.core.shape.Group;
import org.vatwright.core.stitch.TrimRun;

import com.github.benmanes.caffeine.cache.Cache;
import com.github.benmanes.caffeine.cache.Caffeine;

/**
 * Drawn figures that recur: set by hand, in rows, on rings, scattered; repeated in the cell by a wallpaper group, from cell
 * to cell by the design's arrangement.
 *
 * @param motifs what there is to place, at least one
 * @param byHand set by hand, lowest first; scattering keeps clear of them
 */
@RecordBuilder
public record Motifs(List<Motif> motifs, List<Instance> byHand, Placing placing,
        WallpaperGroup group) implements MotifsBuilder.With, DrawnStructure {

    public static final String FAMILY = "motifs";
    public static final int MOST_MOTIFS = 200;
    private static final int MOST_BY_HAND = 20_000;
    private static final int MOST_IN_TILE = 60_000;
    /** Motifs that one thread draws before it asks whether to go on. */
    private static final int AT_ONCE = 250;
    /** Places are kept to a millionth of a mm, so that a move by whole cells leaves just the same numbers. */
    private static final double PLACES_PER_MM = 1e6;

    private record Thrown(Repeat repeat, List<Instance> placed, List<Integer> numbers) {

        Thrown {
            placed = List.copyOf(placed);
        }
    }

    /**
     * By the very object: the painter, the findings and the window ask for the same throw. Not bounded by number: the one
     * that was just thrown must never be the one that is given up.
     */
    private static final Cache<Motifs, Thrown> LAST = Caffeine.newBuilder().weakKeys()
            .expireAfterAccess(Duration.ofMinutes(1)).build();

    public Motifs {
        motifs = List.copyOf(motifs);
        byHand = List.copyOf(byHand);
        Require.within("motifs", motifs.size(), 1, MOST_MOTIFS);
        Require.within("motifs set by hand", byHand.size(), 0, MOST_BY_HAND);
        Set<Integer> ids = new HashSet<>();
        for (Motif motif : motifs) {
            Require.that(ids.add(motif.id()),
                    "two motifs have the number %d; each needs its own".formatted(motif.id()));
        }
        for (Instance instance : byHand) {
            Require.that(ids.contains(instance.motif()),
                    "there is no motif with the number %d to set".formatted(instance.motif()));
        }
        if (placing instanceof Placing.Trim trim) {
            trim.corner().ifPresent(c -> Require.that(ids.contains(c),
                    "there is no motif with the number %d to turn corners with".formatted(c)));
        }
    }

    @Override
    public String family() {
        return FAMILY;
    }

    @Override
    public List<Ink> inks() {
        List<Ink> inks = new ArrayList<>();
        motifs.forEach(m -> inks.addAll(m.inks()));
        byHand.forEach(i -> i.ink().ifPresent(inks::add));
        if (placing instanceof Placing.Scattered s) {
            inks.addAll(s.inks());
        }
        return inks;
    }

    @Override
    public Motifs withInks(UnaryOperator<Ink> change) {
        Placing inked = placing instanceof Placing.Scattered s
                ? s.withInks(s.inks().stream().map(change).toList())
                : placing;
        return new Motifs(motifs.stream().map(m -> m.inked(change)).toList(),
                byHand.stream().map(i -> i.withInk(i.ink().map(change))).toList(), inked, group);
    }

    /** @return with a motif changed, and so all its instances */
    public Motifs replace(int id, UnaryOperator<Motif> change) {
        return withMotifs(motifs.stream().map(m -> m.id() == id ? change.apply(m) : m).toList());
    }

    public Motifs with(int index, Instance instance) {
        List<Instance> changed = new ArrayList<>(byHand);
        changed.set(index, instance);
        return withByHand(changed);
    }

    public Optional<Motif> motif(int id) {
        return motifs.stream().filter(m -> m.id() == id).findFirst();
    }

    @Override
    public Motifs resized(double by) {
        return new Motifs(motifs.stream().map(m -> m.scaled(by)).toList(),
                byHand.stream().map(i -> i.at(i.x() * by, i.y() * by)).toList(), placing.scaled(by), group);
    }

    /** The scale of a motif's parts is in their frames. */
    @Override
    public boolean framesFollow() {
        return true;
    }

    /** @return a number no motif has */
    public int freeId() {
        return motifs.stream().mapToInt(Motif::id).max().orElse(0) + 1;
    }

    /** @return without a motif and what stands of it; the last one stays */
    public Motifs without(int id) {
        Require.that(motifs.size() > 1, "the layer needs one motif at least; draw another one first");
        return new Motifs(motifs.stream().filter(m -> m.id() != id).toList(),
                byHand.stream().filter(i -> i.motif() != id).toList(),
                placing instanceof Placing.Trim t && t.corner().equals(Optional.of(id))
                        ? new Placing.Trim(t.line(), Optional.empty(), t.form())
                        : placing,
                group);
    }

    /** @return with one instance on a motif of its own, so that it can be changed alone */
    public Motifs unlinked(int index) {
        Instance instance = byHand.get(index);
        Motif own = motif(instance.motif()).orElseThrow();
        List<Motif> more = new ArrayList<>(motifs);
        int id = freeId();
        more.add(own.withId(id).withName(own.name() + " alone"));
        return new Motifs(more, byHand, placing, group).with(index, instance.withMotif(id));
    }

    /** @return with everything that rows, rings or the scatter place set by hand instead */
    public Motifs setByHand(Repeat repeat) {
        List<Instance> all = new ArrayList<>(byHand);
        all.addAll(placed(repeat));
        return new Motifs(motifs, all, new Placing.ByHand(), group);
    }

    /** Brings what was set by hand into the cell. */
    @Override
    public Motifs fitted(Repeat repeat) {
        group.check(repeat);
        if (placing instanceof Placing.Rows rows) {
            rowsClose(rows);
        }
        long count = (long) count(repeat) * group.operations(repeat.widthMm(), repeat.heightMm()).size()
                * repeat.tile().cells().size();
        Require.that(count <= MOST_IN_TILE,
                "the tile would hold %,d motifs; %,d is the most: place fewer, or fewer cells".formatted(count,
                        MOST_IN_TILE));
        boolean[] moved = {false};
        List<Instance> in = byHand.stream().map(i -> {
            double[] at = into(i.x(), i.y(), repeat);
            boolean same = at[0] == i.x() && at[1] == i.y();
            moved[0] |= !same;
            return same ? i : i.at(at[0], at[1]);
        }).toList();
        return moved[0] ? withByHand(in) : this;
    }

    private static void rowsClose(Placing.Rows rows) {
        Require.that(rows.across() % rows.arrangement().columns() == 0,
                "%s does not close with %d motifs across; take a multiple of %d".formatted(rows.arrangement(),
                        rows.across(), rows.arrangement().columns()));
        Require.that(rows.down() % rows.arrangement().rows() == 0,
                "%s does not close with %d motifs down; take a multiple of %d".formatted(rows.arrangement(),
                        rows.down(), rows.arrangement().rows()));
    }

    private int count(Repeat repeat) {
        return byHand.size() + switch (placing) {
            case Placing.ByHand _ -> 0;
            case Placing.Rows r -> r.across() * r.down();
            case Placing.Rings r -> r.rings() * r.first() + r.more() * r.rings() * (r.rings() - 1) / 2;
            case Placing.Along a -> a.count();
            case Placing.Trim trim -> TrimMarks.of(motifs, trim).count();
            case Placing.Scattered s -> s.count() + s.fill();
        };
    }

    /** @return the same place in the cell, by whole steps of the cells' lattice, so that nothing moves */
    private static double[] into(double x, double y, Repeat repeat) {
        Tile.Origin cell = repeat.cellAt(x, y);
        double px = Math.rint((x - cell.x()) * PLACES_PER_MM) / PLACES_PER_MM;
        double py = Math.rint((y - cell.y()) * PLACES_PER_MM) / PLACES_PER_MM;
        return new double[]{px >= repeat.widthMm() ? 0 : px, py >= repeat.heightMm() ? 0 : py};
    }

    /** @return where the repeats of a trim lie, when they are placed as one */
    public Optional<TrimRun> trimRun() {
        return placing instanceof Placing.Trim trim ? Optional.of(TrimMarks.of(motifs, trim).run()) : Optional.empty();
    }

    /** @return of those the scatter places the number by which each can be thrown anew, -1 of those put into gaps */
    public List<Integer> thrown(Repeat repeat) {
        return thrown(repeat, Work.plain()).numbers();
    }

    /** @return what rows, rings or the scatter place in one cell */
    public List<Instance> placed(Repeat repeat) {
        return placed(repeat, Work.plain());
    }

    /** @param work under which the scatter throws; can be stopped */
    public List<Instance> placed(Repeat repeat, Work work) {
        return thrown(repeat, work).placed();
    }

    /** A scatter of thousands takes longer than a frame; what was thrown once is kept as long as these motifs are. */
    private Thrown thrown(Repeat repeat, Work work) {
        Thrown last = LAST.getIfPresent(this);
        if (last == null || !last.repeat().equals(repeat)) {
            last = place(repeat, work);
            LAST.put(this, last);
        }
        return last;
    }

    private Thrown place(Repeat repeat, Work work) {
        return switch (placing) {
            case Placing.ByHand _ -> new Thrown(repeat, List.of(), List.of());
            case Placing.Rows rows -> new Thrown(repeat, Layouts.rows(motifs, rows, repeat), List.of());
            case Placing.Rings rings -> new Thrown(repeat, Layouts.rings(motifs, rings, repeat), List.of());
            case Placing.Along along -> new Thrown(repeat, Layouts.along(motifs, along, repeat), List.of());
            case Placing.Trim trim -> new Thrown(repeat, TrimMarks.of(motifs, trim).instances(), List.of());
            case Placing.Scattered how -> {
                Scatter scatter = new Scatter(motifs, how, byHand, Lattice.of(repeat), work);
                yield new Thrown(repeat, scatter.place(), scatter.numbers());
            }
        };
    }

    @Override
    public Drawing drawing(Repeat repeat, Phase phase, Work work) {
        Map<Integer, List<VectorMark>> marks = new HashMap<>();
        Map<Integer, Ink> first = new HashMap<>();
        for (Motif motif : motifs) {
            marks.put(motif.id(), motif.marks());
            motif.inks().stream().filter(i -> !(i instanceof Ink.Clear)).findFirst()
                    .ifPresent(i -> first.put(motif.id(), i));
        }
        // A trim is drawn out, bent and cut in corners, which no instance is.
        boolean trimmed = placing instanceof Placing.Trim;
        List<Instance> all = new ArrayList<>(trimmed ? List.of() : placed(repeat, work));
        all.addAll(byHand);
        List<VectorMark> trim = placing instanceof Placing.Trim t ? TrimMarks.of(motifs, t).marks(work) : List.of();
        List<AffineTransform> cells = new ArrayList<>();
        for (Tile.Origin cell : repeat.tile().cells()) {
            for (AffineTransform operation : group.operations(repeat.widthMm(), repeat.heightMm())) {
                AffineTransform toTile = AffineTransform.getTranslateInstance(cell.x(), cell.y());
                toTile.concatenate(operation);
                cells.add(toTile);
            }
        }
        // Independent of each other, and many: on several threads, in their order.
        List<Group> groups = new ArrayList<>();
        for (AffineTransform cell : cells) {
            trim.forEach(m -> groups.add(Group.of(m.moved(cell))));
            Rows.map(all, AT_ONCE, work, i -> groups(i, cell, marks.get(i.motif()), first.get(i.motif())))
                    .forEach(groups::addAll);
        }
        return new Drawing(groups);
    }

    /** @param own the motif's first ink, which the instance may exchange; null when it has none */
    private static List<Group> groups(Instance instance, AffineTransform cell, List<VectorMark> marks, Ink own) {
        AffineTransform place = new AffineTransform(cell);
        place.concatenate(instance.place());
        List<Group> groups = new ArrayList<>(marks.size());
        for (VectorMark mark : marks) {
            VectorMark seen = instance.ink().isEmpty() || own == null
                    ? mark
                    : mark.inked(i -> i.equals(own) ? instance.ink().get() : i);
            groups.add(Group.of(seen.moved(place)));
        }
        return groups;
    }

    @Override
    public List<Finding> findings(Repeat repeat) {
        List<Finding> findings = new ArrayList<>();
        int placed = placed(repeat).size();
        findings.add(Finding.fine("Motifs recur", "%d in a cell, group %s".formatted(placed + byHand.size(),
                group.sign())));
        trimRun().ifPresent(run -> findings.add(Finding.fine("Trim", run.told())));
        if (placing instanceof Placing.Scattered s && placed < s.count() + s.fill()) {
            findings.add(new Finding(Finding.Severity.LOOK, "Not all motifs found room", "%d of %d".formatted(placed,
                    s.count() + s.fill()), "all", "A smaller gap, smaller motifs or a larger cell make room."));
        }
        return findings;
    }
}
