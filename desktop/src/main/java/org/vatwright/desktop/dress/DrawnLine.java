package org.vatwright.desktop.dress;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.awt.geom.PathIterator;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.vatwright.core.drape.DrapedPlaces;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Cut;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Trim;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.TrimForm;
import org.vatwright.desktop.studio.DressEdits;
import org.vatwright.desktop.studio.Studio;

/** What is done with a line that was drawn: a trim runs along it, words stand on it, stitches are sewn along it. */
final class DrawnLine {

    private static final double FLATNESS_MM = 0.05;
    private static final double STEP_MM = 4;

    private DrawnLine() {}

    /** Words stand on a line that is drawn for them. */
    static void trim(Studio studio, Outline line) {
        if (studio.article().orElse(null) instanceof Article.Lettering && studio.selection().pieces().isEmpty()) {
            studio.editArticle("words along a line", a -> a instanceof Article.Lettering l
                    ? l.withSetting(l.setting().withLine(Optional.of(line)))
                    : a);
            return;
        }
        studio.design().ifPresent(d -> studio.article().ifPresent(a -> {
            double broad = Math.max(1, Math.rint(Math.max(line.bounds().getWidth(), line.bounds().getHeight()) / 15));
            Trim fresh = new Trim(Optional.empty(), Optional.of(line),
                    Print.whole(d, studio.colourway(d).name(), 0, 0).withGround(true), Optional.empty(),
                    TrimForm.fresh(broad).withInsetMm(0));
            int at = a.dressings().whole().trims().size();
            studio.holdDress(h -> h.with().trim(at).repeat(-1).build());
            DressEdits.whole(studio, "add a trim along a line", w -> {
                List<Trim> all = new ArrayList<>(w.trims());
                all.add(fresh);
                return w.withTrims(all);
            });
        }));
    }

    /** On the flat cloth of each chosen piece; on one that is draped where it is seen now. */
    static void sew(Studio studio, Cut cut, Outline line) {
        DressEdits.each(studio, "sew along a line", (piece, worn) -> {
            Outline there = Outline.of(line.path(), AffineTransform.getTranslateInstance(-piece.asideX(),
                    -piece.asideY()));
            List<Stitching> all = new ArrayList<>(worn.stitches());
            all.add(Stitching.fresh(Stitching.Kind.RUNNING, InkPick.PAPER).with().insetMm(0)
                    .line(Optional.of(flat(there, worn))).build());
            return worn.withStitches(all);
        });
    }

    private static Outline flat(Outline line, Dressing worn) {
        if (worn.drape().filter(d -> !d.atRest()).isEmpty()) {
            return line;
        }
        List<Place> seen = new ArrayList<>();
        double[] c = new double[6];
        for (var it = line.path().getPathIterator(null, FLATNESS_MM); !it.isDone(); it.next()) {
            if (it.currentSegment(c) != PathIterator.SEG_CLOSE) {
                Place to = new Place(c[0], c[1]);
                // On bent cloth a straight line is none.
                int parts = seen.isEmpty() ? 1 : (int) Math.max(1, Math.ceil(seen.getLast().far(to) / STEP_MM));
                Place from = seen.isEmpty() ? to : seen.getLast();
                for (int k = 1; k <= parts; k++) {
                    double t = (double) k / parts;
                    seen.add(new Place(from.x() + t * (to.x() - from.x()), from.y() + t * (to.y() - from.y())));
                }
            }
        }
        Path2D path = new Path2D.Double();
        for (Place p : DrapedPlaces.cloth(seen, worn.drape())) {
            if (path.getCurrentPoint() == null) {
                path.moveTo(p.x(), p.y());
            } else {
                path.lineTo(p.x(), p.y());
            }
        }
        return Outline.of(path);
    }
}
