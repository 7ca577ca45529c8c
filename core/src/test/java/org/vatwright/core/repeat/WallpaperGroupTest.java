package org.vatwright.core.repeat;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.AffineTransform;
import java.awt.geom.Point2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;
import org.vatwright.core.Samples;
import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.motif.Form;
import org.vatwright.core.motif.Motif;
import org.vatwright.core.motif.Part;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.Cloth;
import org.vatwright.core.render.TileRenderer;

class WallpaperGroupTest {

    /** Operations within one lattice point's area, from the International Tables; hexagonal cells hold two points. */
    private static final Map<String, Integer> COUNTS = Map.ofEntries(Map.entry("p1", 1), Map.entry("p2", 2),
            Map.entry("pm", 2), Map.entry("pg", 2), Map.entry("cm", 4), Map.entry("pmm", 4), Map.entry("pmg", 4),
            Map.entry("pgg", 4), Map.entry("cmm", 8), Map.entry("p4", 4), Map.entry("p4m", 8), Map.entry("p4g", 8),
            Map.entry("p3", 6), Map.entry("p3m1", 12), Map.entry("p31m", 12), Map.entry("p6", 12),
            Map.entry("p6m", 24));

    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void operationsAreAsManyAsTheTablesSayAndFormAGroup(WallpaperGroup group) {
        double w = 60;
        double h = group.heightFor(60, 48);
        List<AffineTransform> all = group.operations(w, h);
        assertThat(all).hasSize(COUNTS.get(group.sign()));
        for (AffineTransform a : all) {
            for (AffineTransform b : all) {
                AffineTransform both = new AffineTransform(a);
                both.concatenate(b);
                assertThat(all).anyMatch(known -> moves(known, both, w, h));
            }
        }
        assertThat(WallpaperGroup.parse(group.sign())).isEqualTo(group);
    }

    /** @return whether both take three places to the same places of the torus */
    private static boolean moves(AffineTransform a, AffineTransform b, double w, double h) {
        for (Point2D p : new Point2D[]{new Point2D.Double(), new Point2D.Double(7, 0), new Point2D.Double(0, 7)}) {
            Point2D x = a.transform(p, null);
            Point2D y = b.transform(p, null);
            double dx = (x.getX() - y.getX()) / w;
            double dy = (x.getY() - y.getY()) / h;
            if (Math.abs(dx - Math.rint(dx)) > 1e-6 || Math.abs(dy - Math.rint(dy)) > 1e-6) {
                return false;
            }
        }
        return true;
    }

    /** The picture goes over into itself by every move that makes the group. */
    @ParameterizedTest
    @EnumSource(WallpaperGroup.class)
    void thePictureIsInvariantUnderEachGenerator(WallpaperGroup group) {
        double w = 60;
        double h = group.heightFor(60, 48);
        // A lopsided figure of one ink, so that where its images lie over each other their order does not matter.
        Part flag = new Part(new Form.Wedge(17, 130), Samples.NAVY).at(3, 2).withTurn(17);
        Motif motif = new Motif(1, "Flag", List.of(flag, new Part(new Form.Rectangle(2, 14, 0), Samples.NAVY)));
        Motifs motifs = new Motifs(List.of(motif), List.of(new Instance(1, 16.3, 9.7, 31, 1, false, Optional.empty())),
                new Placing.ByHand(), group);
        Design design = Samples.design(w, h, Arrangement.STRAIGHT, motifs);
        int px = 240;
        int py = (int) Math.rint(px * h / w);
        Raster tile = TileRenderer.render(new Cloth(design, Samples.morning()), new TileGrid(px, py, w, h), Work.on(2));
        for (AffineTransform move : group.generators(w, h)) {
            boolean onPixels = move.getShearX() * move.getScaleX() == 0;
            double off = 0;
            int worst = 0;
            for (int y = 0; y < py; y++) {
                for (int x = 0; x < px; x++) {
                    Point2D to = move.transform(new Point2D.Double((x + 0.5) * w / px, (y + 0.5) * h / py), null);
                    int tx = Math.floorMod((int) Math.floor(to.getX() / w * px), px);
                    int ty = Math.floorMod((int) Math.floor(to.getY() / h * py), py);
                    int far = Math.abs((tile.at(x, y) >> 8 & 255) - (tile.at(tx, ty) >> 8 & 255));
                    worst = Math.max(worst, far);
                    off += far;
                }
            }
            if (onPixels) {
                // Areas are summed from the left, so a mirrored pixel may round to the neighbouring level.
                assertThat(worst).as("%s by %s", group, move).isLessThanOrEqualTo(1);
            } else {
                assertThat(off / (px * py)).as("%s by %s", group, move).isLessThan(3.5);
            }
        }
    }

    @Test
    void aCellThatDoesNotFitIsRefusedWithTheOneThatDoes() {
        assertThatThrownBy(() -> WallpaperGroup.P4.check(new Repeat(60, 50, Arrangement.STRAIGHT)))
                .isInstanceOf(Refusal.class).hasMessageContaining("60 x 60 mm would be right");
        assertThatThrownBy(() -> WallpaperGroup.P6.check(new Repeat(60, 50, Arrangement.STRAIGHT)))
                .isInstanceOf(Refusal.class).hasMessageContaining("103.923");
        assertThatThrownBy(() -> WallpaperGroup.PM.check(new Repeat(60, 50, Arrangement.HALF_DROP)))
                .isInstanceOf(Refusal.class).hasMessageContaining("laid straight");
        assertThatThrownBy(() -> WallpaperGroup.parse("p5")).isInstanceOf(Refusal.class);
    }
}
