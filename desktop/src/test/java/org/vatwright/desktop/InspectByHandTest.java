package org.vatwright.desktop;

import static org.assertj.core.api.Assertions.assertThat;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.vatwright.core.family.stripe.Stripes;
import org.vatwright.core.measure.Id;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.project.Project;
import org.vatwright.desktop.cloth.ClothPane;

import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Labeled;
import javafx.scene.input.KeyCode;

/** Findings, what they are held against, and their cures. */
class InspectByHandTest extends AtTheDemo {

    @BeforeEach
    void inspect() throws Exception {
        hand.click("stage-inspect");
        untilSaid("the findings are there", "Seam steps");
    }

    private static void collect(Node node, List<String> words) {
        if (!node.isVisible()) {
            return;
        }
        if (node instanceof Labeled labeled && !labeled.getText().isEmpty()) {
            words.add(labeled.getText());
        }
        if (node instanceof Parent parent) {
            parent.getChildrenUnmodifiable().forEach(child -> collect(child, words));
        }
    }

    private void untilSaid(String what, String... parts) throws Exception {
        Node findings = hand.node("findings");
        hand.until(what, () -> {
            List<String> words = new ArrayList<>();
            collect(findings, words);
            return List.of(parts).stream().allMatch(p -> words.stream().anyMatch(w -> w.contains(p)));
        });
    }

    @Test
    void aLimitOfOnesOwnJudgesAtOnceAndIsUndoneByTheKeys() throws Exception {
        Project before = hand.studio().project();
        assertThat(hand.shows("limit:-stretch-to-whole-pixels")).as("closed until asked for").isFalse();
        hand.write("density-of-the-output", "31");
        untilSaid("the stretch is told", "at most 1 \u2030", "drawn");
        hand.click("chapter-limits");
        hand.write("limit:-stretch-to-whole-pixels", "50");
        assertThat(hand.studio().project().limits()).isEqualTo(CheckLimits.USUAL.with(CheckLimit.STRETCH, 50));
        hand.click("chapter-findings");
        untilSaid("the other limit judges", "at most 50 \u2030");
        hand.click("chapter-limits");
        hand.words("One of your own");
        hand.write("limit:-stretch-to-whole-pixels", "2000");
        assertThat(hand.studio().project().limits().of(CheckLimit.STRETCH)).as("what cannot be is refused")
                .isEqualTo(50);
        assertThat(hand.text("message-text")).contains("2000").contains("to 100");
        hand.click("usual-limits");
        assertThat(hand.studio().project().limits()).isEqualTo(CheckLimits.USUAL);
        hand.words("All as usual");
        assertThat(undoAll()).isEqualTo(before);
    }

    @Test
    void aCureIsOneClickAndOneUndo() throws Exception {
        Hand.onFx(() -> hand.studio().editStructure("turn", Stripes.class,
                s -> s.withAngle(37)));
        Project turned = hand.studio().project();
        untilSaid("it is told that it closes nearly", "closes nearly",
                "At 37\u00b0 it does not close on this tile and is drawn at the nearest that does, ");
        Node findings = hand.node("findings");
        Node cure = Hand.onFx(() -> findings.lookupAll(".button").stream()
                .filter(n -> n.getId() != null && n.getId().startsWith("cure-")).findFirst().orElseThrow());
        String promised = Hand.onFx(() -> ((Labeled) cure).getText());
        hand.click(cure);
        assertThat(hand.studio().project()).isNotEqualTo(turned);
        assertThat(promised.toLowerCase(Locale.ROOT))
                .startsWith(hand.studio().history().undoName().orElseThrow().toLowerCase(Locale.ROOT));
        hand.until("nothing closes nearly any more", () -> {
            List<String> words = new ArrayList<>();
            collect(findings, words);
            return words.stream().noneMatch(w -> w.contains("closes nearly"));
        });
        hand.press(KeyCode.CONTROL, KeyCode.Z);
        assertThat(hand.studio().project()).isEqualTo(turned);
    }

    @Test
    void twoDesignsOfOneNameAreToldApart() throws Exception {
        Design gangway = design();
        Design twin = gangway.withId(new Id("twin")).withRepeat(gangway.repeat().withSize(500, 300));
        Hand.onFx(() -> hand.studio().edit("twin", p -> p.addDesign(twin)));
        double near = scale();
        Hand.onFx(() -> {
            hand.studio().select(s -> s.withDesign(twin));
            return null;
        });
        hand.rest();
        assertThat(scale()).as("the field is fitted to the other one").isLessThan(near / 2);
    }

    private double scale() throws Exception {
        Node field = hand.node("field");
        return Hand.onFx(() -> ((ClothPane) field).viewport().pxPerMm());
    }
}
