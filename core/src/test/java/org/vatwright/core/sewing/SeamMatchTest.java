package org.vatwright.core.sewing;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.AffineTransform;
import java.awt.geom.Path2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Random;
import java.util.function.Function;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Seam;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;

/** Seams against what is known of straight ones, and against brute force. */
class SeamMatchTest {

    private static final Id ONE = new Id("one");
    private static final Id OTHER = new Id("other");
    private static final Design STRIPE = Samples.design(40, 40, Arrangement.STRAIGHT, Samples.stripes(0, 5, 5));
    private static final Design DOTS = Samples.design(30, 24, Arrangement.HALF_DROP, Samples.dots(4, 1, 3))
            .with().id(new Id("dots")).build();
    private static final Function<Id, Optional<Design>> DESIGNS = id -> List.of(STRIPE, DOTS).stream()
            .filter(d -> d.id().equals(id)).findFirst();

    /** The first 300 mm of both outlines; of curved ones the first fifth. */
    private static Seam seam(Article.Flat article) {
        double one = 300 / EdgeWalk.of(article.pieces().getFirst().outline()).length();
        double other = 300 / EdgeWalk.of(article.pieces().getLast().outline()).length();
        return new Seam(new Seam.Edge(ONE, 0, one, false), new Seam.Edge(OTHER, 0, other, false));
    }

    private static final Seam CURVED = new Seam(new Seam.Edge(ONE, 0, 0.2, false),
            new Seam.Edge(OTHER, 0, 0.2, false));

    private static Outline triangle(Random random, double x) {
        // Its first side is 300 mm long whatever its direction, and as much of the outline in every piece.
        double turn = random.nextDouble() * 2 * Math.PI;
        Path2D path = new Path2D.Double();
        path.moveTo(x, 500);
        path.lineTo(x + 300 * Math.cos(turn), 500 + 300 * Math.sin(turn));
        path.lineTo(x + 350 * Math.cos(turn + Math.PI / 2), 500 + 350 * Math.sin(turn + Math.PI / 2));
        path.closePath();
        return Outline.of(path);
    }

    private static Article.Flat pair(Outline one, Lay first, Outline other, Lay second) {
        return new Article.Flat(new Id("a"), "Pair", 2000, 1000, List.of(new Piece(ONE, "one", one, Optional.empty()),
                new Piece(OTHER, "other", other, Optional.empty())), List.of(),
                new Dressings(Map.of(ONE, Dressing.of(first), OTHER, Dressing.of(second))));
    }

    private static Lay lay(Design design, Random random) {
        return new Lay(design.id(), design.palette().first().name()).with().grainDeg(random.nextInt(360) - 180)
                .startX(random.nextDouble() * 500).startY(random.nextDouble() * 500)
                .shearDeg(random.nextInt(3) == 0 ? random.nextInt(40) - 20 : 0).build();
    }

    @Test
    void withAFreeGrainBandsOfStraightSeamsMeet() {
        Random random = new Random(41);
        for (int n = 0; n < 1000; n++) {
            Lay first = lay(STRIPE, random).withScale(0.5 + random.nextDouble());
            Lay second = lay(STRIPE, random).withShearDeg(0).withScale(first.scale() * 0.9);
            Article.Flat article = pair(triangle(random, 600), first.withShearDeg(0), triangle(random, 1200), second);
            SeamMatch match = SeamMatch.of(article, seam(article), DESIGNS);
            Lay matched = match.matched(true);
            assertThat(match.left(matched).most()).as("pair %d", n).isLessThan(0.01);
            assertThat(matched.withStart(0, 0).withGrainDeg(0)).isEqualTo(second.withStart(0, 0).withGrainDeg(0));
        }
    }

    /** A piece and its mirror image, each with the grain upright: periods along the seam agree, starts do not. */
    @Test
    void wherePeriodsAlongTheSeamAgreeTheStartAloneIsEnough() {
        Random random = new Random(42);
        for (int n = 0; n < 1000; n++) {
            Outline one = triangle(random, 600);
            AffineTransform glass = AffineTransform.getTranslateInstance(1800, random.nextInt(90));
            glass.scale(-1, 1);
            Lay first = lay(STRIPE, random).withShearDeg(0);
            Article.Flat article = pair(one, first, Outline.of(one.path(), glass),
                    first.partner(900).withStart(random.nextDouble() * 300, random.nextDouble() * 300)
                            .withFlipped(true));
            SeamMatch match = SeamMatch.of(article, seam(article), DESIGNS);
            Lay matched = match.matched(false);
            assertThat(match.left(matched).most()).as("pair %d", n).isLessThan(0.01);
            assertThat(matched.grainDeg()).isEqualTo(article.dressing(OTHER).lay().orElseThrow().grainDeg());
        }
    }

    private static Outline curved(Random random, double x) {
        Path2D path = new Path2D.Double();
        path.moveTo(x, 300);
        path.curveTo(x + random.nextInt(120) - 60, 350, x + random.nextInt(120) - 60, 420,
                x + random.nextInt(60) - 30, 460 + random.nextInt(60));
        path.lineTo(x + 200, 480);
        path.lineTo(x + 200, 300);
        path.closePath();
        return Outline.of(path);
    }

    @Test
    void whatIsLeftIsTheLeastThatBruteForceFinds() {
        Random random = new Random(43);
        for (int n = 0; n < 20; n++) {
            Design design = n % 2 == 0 ? STRIPE : DOTS;
            Lay second = lay(design, random);
            Article.Flat article = pair(curved(random, 600), lay(design, random), curved(random, 1200), second);
            SeamMatch match = SeamMatch.of(article, CURVED, DESIGNS);
            double most = match.left(match.matched(false)).most();
            double brute = brute(match, second, design);
            assertThat(most).as("pair %d", n).isLessThan(brute + 0.05).isGreaterThan(brute - 0.3);
        }
    }

    /** Every start over a cell in steps of a fortieth of it, the best of them in ever smaller steps. */
    private static double brute(SeamMatch match, Lay second, Design design) {
        AffineTransform place = second.place();
        double best = Double.MAX_VALUE;
        double[] at = {0, 0};
        double wide = design.repeat().tile().widthMm();
        double high = design.repeat().tile().heightMm();
        double[] middle = {wide / 2, high / 2};
        double reach = 1;
        for (int round = 0; round < 4; round++) {
            for (int i = -20; i <= 20; i++) {
                for (int k = -20; k <= 20; k++) {
                    double[] move = {middle[0] + reach * wide * i / 40, middle[1] + reach * high * k / 40};
                    double[] onCloth = new double[2];
                    place.deltaTransform(move, 0, onCloth, 0, 1);
                    double there = match.left(second.withStart(second.startX() - onCloth[0],
                            second.startY() - onCloth[1])).most();
                    if (there < best) {
                        best = there;
                        at = move;
                    }
                }
            }
            middle = at;
            reach /= 8;
        }
        return best;
    }

    @Test
    void theGrainTurnsNoMoreThanItIsWorth() {
        Random random = new Random(44);
        Outline one = triangle(random, 600);
        Outline moved = Outline.of(one.path(), AffineTransform.getTranslateInstance(300, 20));
        Lay first = new Lay(DOTS.id(), DOTS.palette().first().name()).withGrainDeg(30);
        Article.Flat article = pair(one, first, moved, first);
        SeamMatch match = SeamMatch.of(article, seam(article), DESIGNS);
        Lay matched = match.matched(true);
        assertThat(matched.grainDeg()).isEqualTo(30);
        assertThat(match.left(matched).most()).isLessThan(1e-6);
    }

    /** A cell of 30 x 24 mm in half drop: level bars come again every 12 mm, upright ones every 30. */
    @Test
    void oneWayAloneIsMatchedWhereBothCannotBe() {
        Outline one = Outline.parse("M 100 100 L 100 400 L 400 400 L 400 100 Z");
        Outline other = Outline.parse("M 500 107 L 500 407 L 800 407 L 800 107 Z");
        Lay first = new Lay(DOTS.id(), DOTS.palette().first().name());
        Article.Flat article = pair(one, first, other, first.withStart(3, 1));
        Seam level = seam(article).withMeets(Seam.Meets.LEVEL);
        SeamMatch match = SeamMatch.of(article, level, DESIGNS);
        Lay matched = match.matched(false);
        assertThat(matched.startX()).isEqualTo(3);
        // 7 mm lower it begins 7 lower, or as much more or less as recurs; the nearest is -5.
        assertThat(Math.floorMod(Math.round(matched.startY() * 1000), 12_000)).isEqualTo(7000);
        assertThat(match.left(matched).most()).isLessThan(1e-9);
        SeamMatch upright = SeamMatch.of(article, seam(article).withMeets(Seam.Meets.UPRIGHT), DESIGNS);
        assertThat(Math.floorMod(Math.round(upright.matched(false).startX() * 1000), 30_000)).isEqualTo(10_000);
        assertThat(upright.matched(false).startY()).isEqualTo(1);
    }

    @Test
    void notchesMeet() {
        Outline one = Outline.parse("M 0 0 L 0 300 L 400 300 L 400 0 Z");
        Outline other = Outline.parse("M 600 0 L 600 300 L 1000 300 L 1000 0 Z");
        Seam seam = new Seam(new Seam.Edge(ONE, 0, 300 / 1400.0, false), new Seam.Edge(OTHER, 0, 300 / 1400.0, false),
                List.of(new Seam.Notch(0.5, 0.4)), false, Seam.Meets.BOTH);
        Lay lay = new Lay(STRIPE.id(), STRIPE.palette().first().name());
        SeamLine line = SeamLine.of(pair(one, lay, other, lay), seam);
        assertThat(line.first().get(120).y()).isEqualTo(150, within(1e-9));
        assertThat(line.second().get(120).y()).isEqualTo(120, within(1e-9));
        assertThat(line.second().get(60).y()).isEqualTo(60, within(1e-9));
        assertThat(line.second().get(240).y()).isEqualTo(300, within(1e-9));
    }

    @Test
    void differentDesignsAndBarePiecesAreToldNotMatched() {
        Random random = new Random(45);
        Article.Flat two = pair(triangle(random, 600), lay(STRIPE, random), triangle(random, 1200), lay(DOTS, random));
        assertThatThrownBy(() -> SeamMatch.of(two, CURVED, DESIGNS)).hasMessageContaining("different designs");
        Article.Flat bare = two.withDressings(two.dressings().with(OTHER, Optional.empty()));
        assertThatThrownBy(() -> SeamMatch.of(bare, CURVED, DESIGNS)).hasMessageContaining("other is bare");
    }
}
