package org.vatwright.core.dress;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

import java.awt.geom.Ellipse2D;
import java.awt.geom.Path2D;
import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.measure.Density;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Fill;
import org.vatwright.core.raster.Raster;
import org.vatwright.core.raster.Work;
import org.vatwright.core.render.TileSource;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;

/** Dressed pieces made a motif: laid as a figure where they stood they look as they did. */
class AsMotifTest {

    private static final Density DENSITY = new Density(101.6);
    private static final Id ROUND = new Id("round");
    private static final Id SHARP = new Id("sharp");
    private static final Design STRIPES = Samples.design(30, 24, Arrangement.STRAIGHT, Samples.stripes(30, 3, 2, 4));
    private static final Design DOTS = Samples.design(12, 12, Arrangement.HALF_DROP, Samples.dots(6, 5, 4));
    private static final Lay LAY = new Lay(STRIPES.id(), STRIPES.palette().first().name()).with().grainDeg(30)
            .scale(1.4)
            .startX(7).startY(-3).build();
    private static final Lay OTHER = new Lay(DOTS.id(), DOTS.palette().first().name()).with().grainDeg(-15).startX(61)
            .startY(22).build();

    private static Article.Flat article(Map<Id, Dressing> dressings) {
        Path2D sharp = new Path2D.Double();
        sharp.moveTo(52, 12);
        sharp.lineTo(88, 30);
        sharp.lineTo(58, 50);
        sharp.closePath();
        return new Article.Flat(new Id("a"), "OX", 100, 60,
                List.of(piece(ROUND, Outline.of(new Ellipse2D.Double(10, 12, 36, 38))),
                        piece(SHARP, Outline.of(sharp))),
                List.of(), new Dressings(dressings, Whole.PLAIN));
    }

    private static Piece piece(Id id, Outline outline) {
        return new Piece(id, id.text(), outline, Optional.empty());
    }

    private static Cut cut(Article article) {
        return Cut.of(article, FinishTest.NO_TYPEFACES);
    }

    private static Raster drawn(Article article, Design more) {
        List<Design> designs = List.of(STRIPES, DOTS, more);
        return new ArticleRenderer(id -> designs.stream().filter(d -> d.id().equals(id)).findFirst(),
                TileSource.PAINTED,
                Optional.empty()).render(cut(article), DENSITY, Work.on(2));
    }

    @Test
    void asAFigureItLooksAsThePiecesDid() {
        Article.Flat letters = article(Map.of(ROUND, Dressing.of(LAY), SHARP, Dressing.of(OTHER)));
        Design motif = AsMotif.of(cut(letters), List.of(STRIPES, DOTS));
        assertThat(motif.fills()).extracting(f -> ((Fill.OfDesign) f.source()).design().id())
                .containsExactly(STRIPES.id(), DOTS.id());
        // The box of both pieces is 78 x 38 mm, its middle at 49, 31.
        Print figure = Print.whole(motif, motif.palette().first().name(), 49, 31);
        Article.Flat cloth = new Article.Flat(new Id("b"), "Cloth", 100, 60,
                List.of(piece(new Id("c"), Outline.of(new Rectangle2D.Double(0, 0, 100, 60)))), List.of(),
                new Dressings(Map.of(new Id("c"), Dressing.BARE.withPrints(List.of(figure))), Whole.PLAIN));
        Raster wanted = drawn(letters, motif);
        Raster seen = drawn(cloth, motif);
        long off = 0;
        long far = 0;
        long covered = 0;
        for (int i = 0; i < wanted.argb().length; i++) {
            int most = 0;
            for (int shift = 0; shift < 32; shift += 8) {
                most = Math.max(most, Math.abs((wanted.argb()[i] >>> shift & 255) - (seen.argb()[i] >>> shift & 255)));
            }
            covered += wanted.argb()[i] >>> 24 > 0 ? 1 : 0;
            off += most;
            far += most > 64 ? 1 : 0;
        }
        assertThat(covered).isGreaterThan(wanted.argb().length / 4);
        // Both are resampled, at places a part of a pixel apart: only soft edges differ.
        assertThat((double) off / covered).as("mean step of 255").isLessThan(4);
        assertThat((double) far / covered).as("share of plainly other pixels").isLessThan(0.01);
    }

    @Test
    void whatAFillCannotBeIsRefused() {
        assertThatThrownBy(() -> AsMotif.of(cut(article(Map.of())), List.of(STRIPES))).isInstanceOf(Refusal.class)
                .hasMessageContaining("no piece of OX wears a design");
        assertThatThrownBy(() -> AsMotif.of(cut(article(Map.of(ROUND, Dressing.of(LAY.withFlipped(true))))),
                List.of(STRIPES))).isInstanceOf(Refusal.class).hasMessageContaining("round is mirrored");
    }
}
