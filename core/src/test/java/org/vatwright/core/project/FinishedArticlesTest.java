package org.vatwright.core.project;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

import java.awt.geom.Rectangle2D;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.vatwright.core.Samples;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Callout;
import org.vatwright.core.dress.Cutting;
import org.vatwright.core.dress.Dressing;
import org.vatwright.core.dress.Dressings;
import org.vatwright.core.dress.Fade;
import org.vatwright.core.dress.Ground;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Partners;
import org.vatwright.core.dress.Pen;
import org.vatwright.core.dress.Piece;
import org.vatwright.core.dress.Print;
import org.vatwright.core.dress.Trim;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Id;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.repeat.Arrangement;
import org.vatwright.core.shape.Outline;
import org.vatwright.core.stitch.Stitching;
import org.vatwright.core.stitch.TrimForm;

/** What is done to a project reaches all that its articles wear, not the cloths of their pieces alone. */
class FinishedArticlesTest {

    private static final Design STRIPE = Samples.design(30, 24, Arrangement.STRAIGHT, Samples.stripes(30, 10, 5));
    private static final Design DOTS = Samples.design(20, 20, Arrangement.STRAIGHT, Samples.dots(4, 1, 3));
    private static final String OWN = STRIPE.palette().first().name();
    private static final Id LEFT = new Id("left");
    private static final Id RIGHT = new Id("right");

    private static Article.Flat flat(Dressing left, Whole whole) {
        return new Article.Flat(new Id("a"), "Trial", 200, 100, List.of(piece(LEFT, 10), piece(RIGHT, 120)), List.of(),
                new Dressings(Map.of(LEFT, left), whole));
    }

    private static Piece piece(Id id, double left) {
        return new Piece(id, id.text(), Outline.of(new Rectangle2D.Double(left, 10, 70, 80)), Optional.empty());
    }

    private static Print figure(Design of) {
        return Print.whole(of, of.palette().first().name(), 30, 40);
    }

    private static Trim trim(Design of, Optional<Print> corner) {
        return new Trim(Optional.of(LEFT), Optional.empty(), figure(of), corner, TrimForm.fresh(10));
    }

    private static Project project(Article... articles) {
        return Project.empty("Trial").withDesigns(List.of(STRIPE, DOTS)).withArticles(List.of(articles));
    }

    /** A ground, a figure, a trim and its corner each keep their design from being taken away. */
    @Test
    void aDesignThatIsWornAnywhereStays() {
        Lay lay = new Lay(STRIPE.id(), OWN);
        List<Article.Flat> wearing = List.of(flat(Dressing.of(lay), Whole.PLAIN),
                flat(Dressing.BARE.withPrints(List.of(figure(STRIPE))), Whole.PLAIN),
                flat(Dressing.BARE, Whole.PLAIN.withGround(new Ground.OfDesign(lay))),
                flat(Dressing.BARE, Whole.PLAIN.withTrims(List.of(trim(STRIPE, Optional.empty())))),
                flat(Dressing.BARE, Whole.PLAIN.withTrims(List.of(trim(DOTS, Optional.of(figure(STRIPE)))))));
        for (Article.Flat each : wearing) {
            assertThatThrownBy(() -> project(each).removeDesign(STRIPE.id())).isInstanceOf(Refusal.class)
                    .hasMessageContaining("Trial wears the design");
        }
        assertThat(project(flat(Dressing.BARE, Whole.PLAIN)).removeDesign(STRIPE.id()).designs()).containsExactly(DOTS);
    }

    @Test
    void aColourwayThatIsCalledOtherwiseIsFollowedEverywhere() {
        Lay lay = new Lay(STRIPE.id(), OWN);
        Article.Flat worn = flat(Dressing.of(lay).withPrints(List.of(figure(STRIPE), figure(DOTS))),
                Whole.PLAIN.with().ground(new Ground.OfDesign(lay))
                        .trims(List.of(trim(STRIPE, Optional.of(figure(DOTS))))).build());
        Article after = project(worn).renameColourway(STRIPE.id(), OWN, "Ebb").articles().getFirst();
        assertThat(after.dressing(LEFT).lay().orElseThrow().colourway()).isEqualTo("Ebb");
        assertThat(after.dressing(LEFT).prints()).extracting(Print::colourway).containsExactly("Ebb",
                DOTS.palette().first().name());
        assertThat(after.dressings().whole().ground())
                .isEqualTo(new Ground.OfDesign(lay.withDesign(STRIPE.id(), "Ebb")));
        Trim trim = after.dressings().whole().trims().getFirst();
        assertThat(trim.figure().colourway()).isEqualTo("Ebb");
        assertThat(trim.corner().orElseThrow().colourway()).isEqualTo(DOTS.palette().first().name());
    }

    @Test
    void aSwapReachesGroundsAndTrims() {
        Lay lay = new Lay(STRIPE.id(), OWN);
        Article.Flat ground = flat(Dressing.BARE, Whole.PLAIN.withGround(new Ground.OfDesign(lay)));
        Article.Flat trimmed = flat(Dressing.BARE, Whole.PLAIN.withTrims(List.of(trim(STRIPE, Optional.empty()))))
                .with()
                .id(new Id("b")).build();
        Article.Flat other = flat(Dressing.BARE, Whole.PLAIN.withTrims(List.of(trim(DOTS, Optional.empty())))).with()
                .id(new Id("c")).build();
        Swap swap = new Swap(STRIPE, DOTS);
        assertThat(swap.touched(project(ground, other, trimmed))).containsExactly(ground, trimmed);
        assertThat(swap.on(ground).dressings().whole().ground()).isInstanceOfSatisfying(Ground.OfDesign.class,
                g -> assertThat(g.lay().design()).isEqualTo(DOTS.id()));
        Trim then = swap.on(trimmed).dressings().whole().trims().getFirst();
        assertThat(then.figure().design()).isEqualTo(DOTS.id());
        assertThat(then.form()).isEqualTo(trim(STRIPE, Optional.empty()).form());
        assertThat(swap.on(other)).isEqualTo(other);
    }

    /** Of a drawing twice as large all that is drawn on it lies twice as far out; threads stay as thick as they are. */
    @Test
    void onALargerDrawingFinishesGoAlong() {
        ShadeStroke fold = new ShadeStroke(ShadeStroke.Kind.FOLD, List.of(new Place(10, 20), new Place(30, 40)), 12,
                0.5,
                0.4, Confine.FREE, false);
        Callout callout = new Callout(Callout.Form.ROUND, new Place(20, 30), new Place(150, 40), 30, 3, new Pen(
                new Rgb(0, 0, 0), 1), true, "", true);
        Fade fade = new Fade(Fade.Way.ALONG, new Place(20, 20), new Place(20, 80));
        Stitching sewn = Stitching.fresh(Stitching.Kind.RUNNING, new Rgb(1, 2, 3)).withLine(Optional.of(
                Outline.parse("M 20 50 L 60 50")));
        Article.Flat worn = flat(Dressing.of(new Lay(STRIPE.id(), OWN).withFade(Optional.of(fade)))
                .withStitches(List.of(sewn)),
                Whole.PLAIN.with().shades(List.of(fold)).callouts(List.of(callout))
                        .trims(List.of(trim(DOTS, Optional.empty()))).build());
        Article.Flat twice = Cutting.scaled(worn, 2);
        Whole whole = twice.dressings().whole();
        assertThat(whole.shades().getFirst().points()).containsExactly(new Place(20, 40), new Place(60, 80));
        assertThat(whole.shades().getFirst().widthMm()).isEqualTo(24);
        assertThat(whole.callouts().getFirst().spot()).isEqualTo(new Place(40, 60));
        assertThat(whole.callouts().getFirst().sizeMm()).isEqualTo(60);
        assertThat(whole.callouts().getFirst().times()).isEqualTo(3);
        assertThat(whole.trims().getFirst().form().breadthMm()).isEqualTo(20);
        assertThat(twice.dressing(LEFT).lay().orElseThrow().fade()).contains(new Fade(Fade.Way.ALONG, new Place(40, 40),
                new Place(40, 160)));
        Stitching then = twice.dressing(LEFT).stitches().getFirst();
        assertThat(then.line().orElseThrow().bounds().getWidth()).isCloseTo(80, within(1e-9));
        assertThat(then.thickMm()).isEqualTo(sewn.thickMm());
    }

    /** A partner has fades and sewn lines on its own side: what is 10 mm from the one's outer edge is 10 mm from the other's. */
    @Test
    void aPartnerHasThemOnItsOwnSide() {
        Fade fade = new Fade(Fade.Way.ALONG, new Place(20, 20), new Place(60, 80));
        Stitching sewn = Stitching.fresh(Stitching.Kind.RUNNING, new Rgb(1, 2, 3)).withLine(Optional.of(
                Outline.parse("M 20 50 L 45 60")));
        Dressing worn = Dressing.of(new Lay(STRIPE.id(), OWN).withFade(Optional.of(fade))).withStitches(List.of(sewn));
        Dressing there = Partners.mirrored(piece(LEFT, 10), piece(RIGHT, 120), worn, false);
        assertThat(there.lay().orElseThrow().fade().orElseThrow().full()).isEqualTo(new Place(180, 20));
        assertThat(there.lay().orElseThrow().fade().orElseThrow().clear()).isEqualTo(new Place(140, 80));
        var line = there.stitches().getFirst().line().orElseThrow().bounds();
        assertThat(line.getMinX()).isCloseTo(155, within(1e-9));
        assertThat(line.getMaxX()).isCloseTo(180, within(1e-9));
        assertThat(line.getMinY()).isCloseTo(50, within(1e-9));
    }

    @Test
    void whatIsTooMuchIsRefusedInASentence() {
        assertThatThrownBy(() -> new Fade(Fade.Way.ROUND, new Place(1, 1), new Place(1, 1)))
                .hasMessageContaining("a fade needs a way to go");
        assertThatThrownBy(() -> Whole.PLAIN.withShading(2.5)).hasMessageContaining("amount of shading");
        assertThatThrownBy(() -> TrimForm.fresh(0.1)).hasMessageContaining("breadth of the trim");
        assertThatThrownBy(() -> TrimForm.fresh(10).withRows(9)).hasMessageContaining("rows of the trim");
        assertThatThrownBy(() -> ShadeStroke.Kind.parse("wash"))
                .hasMessageContaining("light, dark, fold, gather or edge");
        assertThatThrownBy(() -> Callout.Form.parse("oval")).hasMessageContaining("round or square");
        assertThatThrownBy(() -> new Callout(Callout.Form.ROUND, new Place(1, 1), new Place(2, 2), 10, 11, new Pen(
                new Rgb(0, 0, 0), 1), true, "", true)).hasMessageContaining("enlargement of a callout");
    }
}
