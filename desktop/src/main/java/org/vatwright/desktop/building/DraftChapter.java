package org.vatwright.desktop.building;

import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** The draft of a cloth: shafts and treadles, ends and picks, how it is read, which thread comes first. */
final class DraftChapter extends Chapter.Of<Weaving> {

    private final NumberRow shafts;
    private final NumberRow treadles;
    private final NumberRow ends;
    private final NumberRow picks;
    private final VBox offers = new VBox(4);
    private final Segments<Boolean> plan;
    private final Segments<Boolean> shed;
    private final Segments<Boolean> right;
    private final Segments<Boolean> bottom;

    DraftChapter(Studio studio) {
        super(studio, Weaving.class);
        shafts = NumberRow.number(studio, "Shafts", "shafts", "", 0, 1, n -> shafts(whole(n)));
        treadles = NumberRow.number(studio, "Treadles", "treadles", "", 0, 1, n -> treadles(whole(n)));
        ends = NumberRow.number(studio, "Ends", "ends of the draft", "", 0, 1,
                n -> draft("%d ends".formatted(whole(n)), d -> d.withThreads(whole(n), d.picks())));
        picks = NumberRow.number(studio, "Picks", "picks of the draft", "", 0, 1,
                n -> draft("%d picks".formatted(whole(n)), d -> d.withThreads(d.ends(), whole(n))));
        offers.getStyleClass().add("offers");
        Ui.show(offers, false);
        plan = new Segments<>(List.of(false, true), p -> p ? "Lift plan" : "Tie-up",
                p -> draft(p ? "lift plan" : "tie-up", p ? Draft::withLiftPlan : Draft::withTreadles));
        plan.button(true).setId("lift-plan");
        plan.button(false).setId("tie-up");
        shed = new Segments<>(List.of(true, false), r -> r ? "Rising" : "Sinking",
                r -> draft(r ? "rising shed" : "sinking shed", d -> d.withRising(r)));
        shed.button(false).setId("sinking");
        right = new Segments<>(List.of(true, false), r -> r ? "Right" : "Left",
                r -> edit("first end at the " + (r ? "right" : "left"),
                        w -> w.withOrigin(new Origin(r, w.origin().bottom()))));
        right.button(false).setId("first-end-left");
        bottom = new Segments<>(List.of(true, false), b -> b ? "Bottom" : "Top",
                b -> edit("first pick at the " + (b ? "bottom" : "top"),
                        w -> w.withOrigin(new Origin(w.origin().right(), b))));
        bottom.button(false).setId("first-pick-top");
        HBox move = Ui.row(arrow("left", -1, 0), arrow("right", 1, 0), arrow("up", 0, -1), arrow("down", 0, 1));
        hold(Ui.pair(shafts, treadles), offers, Ui.pair(ends, picks), Ui.labelled("Treading", plan),
                Ui.labelled("Shed", shed), Ui.labelled("First end", right), Ui.labelled("First pick", bottom),
                Ui.labelled("Centre", move));
    }

    private Button arrow(String way, int right, int down) {
        Button button = Ui.icon("arrow-" + way, "Move the cloth by one thread, " + way,
                () -> edit("move cloth " + way, w -> w.moved(right, down)));
        button.setId("cloth-" + way);
        return button;
    }

    private static int whole(double n) {
        return (int) Math.max(Integer.MIN_VALUE, Math.min(Integer.MAX_VALUE, Math.rint(n)));
    }

    private void draft(String name, UnaryOperator<Draft> change) {
        offer(null);
        edit(name, w -> w.withDraft(change.apply(w.draft())));
    }

    /** What would be lost is told first, and done on a click. */
    private void shafts(int count) {
        studio.structure(Weaving.class).ifPresent(w -> told("%d shafts".formatted(count),
                count >= 1 ? w.draft().costOfShafts(count) : "", d -> d.withShafts(count)));
    }

    private void treadles(int count) {
        studio.structure(Weaving.class).ifPresent(w -> told("%d treadles".formatted(count),
                count >= 1 ? w.draft().costOfTreadles(count) : "", d -> d.withTreadles(count)));
    }

    private void told(String name, String cost, UnaryOperator<Draft> change) {
        if (cost.isEmpty()) {
            draft(name, change);
        } else {
            Button take = Ui.link("%s: %s. Do it.".formatted(Character.toUpperCase(name.charAt(0)) + name.substring(1),
                    cost), () -> draft(name, change));
            take.setId("draft-offer");
            take.setWrapText(true);
            take.setMinWidth(0);
            offer(take);
        }
    }

    private void offer(Button take) {
        offers.getChildren().clear();
        if (take != null) {
            offers.getChildren().add(take);
        }
        Ui.show(offers, take != null);
    }

    @Override
    void show(Design design, Colourway colourway, Weaving weaving) {
        Draft draft = weaving.draft();
        shafts.show(draft.shafts());
        Ui.show(treadles, draft.tieUp().isPresent());
        treadles.show(draft.treadles());
        ends.show(draft.ends());
        picks.show(draft.picks());
        plan.show(draft.tieUp().isEmpty());
        shed.show(draft.rising());
        right.show(weaving.origin().right());
        bottom.show(weaving.origin().bottom());
    }
}
