package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.Timeout;
import org.vatwright.core.colour.Rgb;
import org.vatwright.core.drape.Place;
import org.vatwright.core.dress.Article;
import org.vatwright.core.dress.Callout;
import org.vatwright.core.dress.Fade;
import org.vatwright.core.dress.Ground;
import org.vatwright.core.dress.Lay;
import org.vatwright.core.dress.Whole;
import org.vatwright.core.effect.CastShadow;
import org.vatwright.core.effect.Relief;
import org.vatwright.core.finish.Confine;
import org.vatwright.core.finish.ShadeStroke;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.Effect;
import org.vatwright.core.project.Project;
import org.vatwright.core.project.Swap;
import org.vatwright.desktop.cloth.ClothImage;
import org.vatwright.desktop.cloth.ClothPane;
import org.vatwright.desktop.cloth.Viewport;
import org.vatwright.desktop.studio.ShadeHand;

import javafx.scene.input.KeyCode;

/** Shading, effects, grounds, callouts and fades by mouse and keys in the window. */
@Timeout(120)
class LightByHandTest extends AtTheDemo {

    private Id front;
    private Project before;

    @BeforeEach
    void openTheFront() throws Exception {
        hand.click("stage-dress");
        hand.click("article-Crew-smock");
        hand.click("piece-2");
        front = hand.studio().selection().pieces().iterator().next();
        before = hand.studio().project();
    }

    private Article.Flat smock() {
        return (Article.Flat) hand.studio().article().orElseThrow();
    }

    private Whole whole() {
        return smock().dressings().whole();
    }

    private Viewport view() throws Exception {
        return ((ClothPane) hand.node("article")).viewport();
    }

    /** Pulls from place to place of the article, in mm. */
    private void pull(double x, double y, double toX, double toY) throws Exception {
        Viewport v = view();
        hand.drag(hand.node("article"), v.pxX(x), v.pxY(y), (toX - x) * v.pxPerMm(), (toY - y) * v.pxPerMm());
    }

    private ClothImage cloth() throws Exception {
        return (ClothImage) hand.node("article").lookupAll("*").stream().filter(ClothImage.class::isInstance)
                .findFirst()
                .orElseThrow();
    }

    private int seen(double x, double y) throws Exception {
        ClothImage cloth = cloth();
        hand.until("the true picture is there", cloth::settled);
        hand.rest();
        double px = view().pxPerMm();
        return Hand.onFx(() -> cloth.argb(x * px, y * px));
    }

    private static int light(int argb) {
        return (argb >> 16 & 255) + (argb >> 8 & 255) + (argb & 255);
    }

    @Test
    void aDarkStrokeOnThePieceDarkensItAlone() throws Exception {
        int inside = seen(540, 500);
        int beside = seen(500, 700);
        hand.click("chapter-light");
        hand.click("shade-dark");
        hand.write("strength-of-the-shading", "90");
        hand.write("breadth-of-the-shading", "60");
        hand.write("softness-of-the-shading", "0");
        pull(450, 500, 620, 500);
        ShadeStroke stroke = whole().shades().getFirst();
        assertThat(stroke.kind()).isEqualTo(ShadeStroke.Kind.DARK);
        assertThat(stroke.confine()).isEqualTo(new Confine.OfPiece(front, false));
        assertThat(stroke.widthMm()).isEqualTo(60);
        assertThat(stroke.points().getFirst().far(new Place(450, 500))).isLessThan(3);
        assertThat(stroke.points().getLast().far(new Place(620, 500))).isLessThan(3);
        assertThat(light(seen(540, 500))).isLessThan(light(inside) / 5 + 10);
        assertThat(seen(500, 700)).isEqualTo(beside);
        assertThat(hand.text("shade-told")).isEqualTo("1 stroke");

        hand.write("amount-of-all-shading", "0");
        assertThat(seen(540, 500)).as("nothing of it").isEqualTo(inside);
        hand.write("amount-of-all-shading", "100");
        hand.click("shade-fold");
        hand.click("shade-keep-free");
        pull(400, 400, 420, 700);
        assertThat(whole().shades()).extracting(ShadeStroke::kind).containsExactly(ShadeStroke.Kind.DARK,
                ShadeStroke.Kind.FOLD);
        assertThat(whole().shades().getLast().confine()).isEqualTo(Confine.FREE);
        hand.click("shade-last");
        assertThat(whole().shades()).as("the last on this piece").extracting(ShadeStroke::kind)
                .containsExactly(ShadeStroke.Kind.FOLD);

        hand.press(KeyCode.ESCAPE);
        assertThat(hand.studio().dressHand().shade().kind()).isEmpty();
        Lay was = smock().dressing(front).lay().orElseThrow();
        pull(540, 600, 560, 600);
        assertThat(smock().dressing(front).lay().orElseThrow().startX()).as("the hand has the cloth again")
                .isCloseTo(was.startX() + 20, within(1.0));
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void aPathThatIsDrawnConfinesIt() throws Exception {
        hand.click("chapter-light");
        hand.click("shade-keep-path");
        Viewport v = view();
        for (double[] corner : new double[][]{{450, 420}, {600, 420}, {600, 560}, {450, 560}, {450, 420}}) {
            hand.clickOn(hand.node("article"), v.pxX(corner[0]), v.pxY(corner[1]));
        }
        assertThat(hand.studio().dressHand().shade().keep()).isEqualTo(ShadeHand.Keep.PATH);
        int inside = seen(520, 490);
        int outside = seen(660, 490);
        hand.click("shade-dark");
        hand.write("strength-of-the-shading", "100");
        hand.write("softness-of-the-shading", "0");
        pull(400, 490, 700, 490);
        assertThat(whole().shades().getFirst().confine()).isInstanceOf(Confine.OfPath.class);
        assertThat(light(seen(520, 490))).isLessThan(12).isLessThan(light(inside));
        assertThat(seen(660, 490)).isEqualTo(outside);
    }

    @Test
    void onDrapedClothItGoesAlongWhenItIsToldTo() throws Exception {
        hand.click("piece-0");
        Id sleeve = hand.studio().selection().pieces().iterator().next();
        var box = smock().piece(sleeve).orElseThrow().outline().bounds();
        hand.click("chapter-light");
        hand.click("shade-carried");
        hand.click("shade-dark");
        pull(box.getCenterX() - 20, box.getCenterY(), box.getCenterX() + 20, box.getCenterY());
        ShadeStroke stroke = whole().shades().getFirst();
        assertThat(stroke.carried()).isTrue();
        List<Place> seen = org.vatwright.core.drape.DrapedPlaces.seen(stroke.points(),
                smock().dressing(sleeve).drape());
        assertThat(seen.getFirst().far(new Place(box.getCenterX() - 20, box.getCenterY()))).isLessThan(3);
        assertThat(stroke.points().getFirst().far(seen.getFirst())).as("flat it lies elsewhere").isGreaterThan(0.5);
    }

    @Test
    void effectsAreOfThePieceOrOfTheWhole() throws Exception {
        hand.click("chapter-light");
        hand.click("effect-cast-shadow");
        hand.write("length-of-the-shadow", "25");
        CastShadow shadow = (CastShadow) smock().dressing(front).effects().getFirst();
        assertThat(shadow.lengthMm()).isEqualTo(25);
        assertThat(shadow.ink().words()).isEqualTo(InkNames.INK);
        hand.click("knot-cast-shadow");
        assertThat(smock().dressing(front).effects()).isEmpty();
        hand.click("knot-cast-shadow");
        assertThat(smock().dressing(front).effects()).as("as it was").containsExactly(shadow);
        hand.click("effect-cast-shadow");

        hand.clickOn(hand.node("article"), 8, 300);
        hand.click("chapter-light");
        hand.click("knot-relief");
        assertThat(whole().effects()).extracting(Effect::kind).containsExactly(Relief.KIND);
        assertThat(smock().dressing(front).effects()).containsExactly(shadow);
        assertThat(seen(20, 20) >>> 24).isZero();
        hand.click("ground-one-ink");
        hand.write("ground-in-ink", "#123456");
        assertThat(whole().ground()).isEqualTo(new Ground.OneInk(new Rgb(0x12, 0x34, 0x56)));
        assertThat(seen(20, 20)).isEqualTo(0xFF123456);
        hand.click("ground-a-design");
        assertThat(whole().ground()).isInstanceOf(Ground.OfDesign.class);
        hand.click("ground-clear");
        assertThat(seen(20, 20) >>> 24).isZero();
        assertThat(undoAll()).isEqualTo(before);
    }

    /** As the window calls its ink. */
    private static final class InkNames {
        static final String INK = "#2a2630";
    }

    private Callout callout() {
        return whole().callouts().getFirst();
    }

    @Test
    void aCalloutIsPulledAndSetAndStaysThroughASwap() throws Exception {
        hand.clickOn(hand.node("article"), 8, 300);
        hand.click("chapter-callouts");
        hand.click("callout-add");
        hand.until("the picture grew", () -> cutWidth() > 1080);
        Callout fresh = callout();
        hand.write("enlargement-of-the-callout", "400");
        hand.write("size-of-the-callout", "200");
        hand.write("callout-caption", "on the bias");
        hand.click("callout-square");
        Callout set = callout();
        assertThat(set).isEqualTo(fresh.with().times(4).sizeMm(200).caption("on the bias").form(Callout.Form.SQUARE)
                .build());
        pull(set.middle().x(), set.middle().y(), set.middle().x() - 60, set.middle().y() + 40);
        assertThat(callout().middle().far(set.middle().moved(-60, 40))).isLessThan(4);
        assertThat(callout().spot()).isEqualTo(set.spot());
        Callout moved = callout();
        pull(moved.spot().x(), moved.spot().y(), moved.spot().x() + 30, moved.spot().y());
        assertThat(callout().spot().far(moved.spot().moved(30, 0))).isLessThan(4);
        double right = moved.middle().x() + moved.sizeMm() / 2;
        pull(right, moved.middle().y(), right + 25, moved.middle().y());
        assertThat(callout().sizeMm()).isCloseTo(250, within(6.0));
        hand.write("enlargement-of-the-callout", "4000");
        assertThat(callout().times()).as("ten times is the most").isEqualTo(4);
        Whole kept = whole();
        int seen = seen(callout().middle().x(), callout().middle().y());
        Hand.onFx(() -> hand.studio().edit("swap", p -> new Swap(p.design(new Id("skarholm")).orElseThrow(),
                p.design(new Id("gangway")).orElseThrow()).everywhere(p)));
        assertThat(whole()).isEqualTo(kept);
        assertThat(seen(callout().middle().x(), callout().middle().y())).as("it shows the other cloth")
                .isNotEqualTo(seen);
        hand.click("callout-off");
        assertThat(whole().callouts()).isEmpty();
        assertThat(undoAll()).isEqualTo(before);
    }

    private double cutWidth() {
        return hand.studio().cut(hand.studio().article().orElseThrow()).widthMm();
    }

    @Test
    void clothFadesWhereItIsPulledTo() throws Exception {
        hand.click("chapter-lay");
        hand.click("fade-along");
        Fade fresh = smock().dressing(front).lay().orElseThrow().fade().orElseThrow();
        assertThat(seen(fresh.clear().x(), fresh.clear().y() - 6) >>> 24).isLessThan(60);
        pull(fresh.clear().x(), fresh.clear().y(), fresh.clear().x(), fresh.clear().y() - 100);
        Fade pulled = smock().dressing(front).lay().orElseThrow().fade().orElseThrow();
        assertThat(pulled.clear().far(fresh.clear().moved(0, -100))).isLessThan(4);
        assertThat(pulled.full()).isEqualTo(fresh.full());
        assertThat(seen(pulled.clear().x() - 60, pulled.clear().y() + 20) >>> 24).as("gone").isZero();
        hand.click("fade-round");
        assertThat(smock().dressing(front).lay().orElseThrow().fade()).contains(pulled.withWay(Fade.Way.ROUND));
        hand.click("fade-none");
        assertThat(smock().dressing(front).lay().orElseThrow().fade()).isEqualTo(Optional.empty());
        assertThat(undoAll()).isEqualTo(before);
    }
}
