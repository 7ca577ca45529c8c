package org.vatwright.desktop.building;

import java.util.List;
import java.util.function.UnaryOperator;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.draft.Origin;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.core.pattern.Structure;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** Woven cloth: its weave by name, by a few numbers or as a draft; its threads, its look, its numbers. */
final class WeaveForm implements StructureForm {

    private final Studio studio;
    private final VBox node = new VBox(8);
    private final WeavePicker named;
    private final SimpleWeave simple;
    private final NumberRow shafts;
    private final NumberRow treadles;
    private final NumberRow ends;
    private final NumberRow picks;
    private final VBox offers = new VBox(4);
    private final Segments<Boolean> plan;
    private final Segments<Boolean> shed;
    private final Segments<Boolean> right;
    private final Segments<Boolean> bottom;
    private final SettRows setts;
    private final LookRows look;
    private final NumberRow endsPerCm;
    private final NumberRow picksPerCm;
    private final WeaveNumbers numbers;
    private final PeriodLines period;
    private final FabricTurn turn;

    WeaveForm(Studio studio) {
        this.studio = studio;
        named = new WeavePicker(studio, "weave", WeavePicker.NAMED, name -> {
            NamedWeave weave = NamedWeave.parse(name);
            edit("weave " + weave.name(), w -> w.withDraft(weave.name(), weave.draft()));
        });
        simple = new SimpleWeave(studio);
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
        setts = new SettRows(studio);
        look = new LookRows(studio, false);
        endsPerCm = NumberRow.number(studio, "Ends", "ends per cm", "per cm", 2, 1,
                n -> cloth("%s ends a cm".formatted(Numbers.plain(n)), c -> c.withCounts(n, c.picksPerCm())));
        picksPerCm = NumberRow.number(studio, "Picks", "picks per cm", "per cm", 2, 1,
                n -> cloth("%s picks a cm".formatted(Numbers.plain(n)), c -> c.withCounts(c.endsPerCm(), n)));
        numbers = new WeaveNumbers(simple::showFloat);
        period = new PeriodLines(studio);
        turn = new FabricTurn(studio, degrees -> edit("turn cloth to %s\u00b0".formatted(Numbers.plain(degrees, 2)),
                w -> w.withAngle(degrees)));
        HBox move = Ui.row(arrow("left", -1, 0), arrow("right", 1, 0), arrow("up", 0, -1), arrow("down", 0, 1));
        node.getChildren().addAll(named, numbers, simple, look, Ui.label("Draft", "card-title"), shafts, treadles,
                offers, ends, picks, Ui.labelled("Treading", plan), Ui.labelled("Shed", shed),
                Ui.labelled("First end", right), Ui.labelled("First pick", bottom), setts, endsPerCm, picksPerCm,
                period,
                turn, Ui.labelled("Centre", move));
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

    private void edit(String name, UnaryOperator<Weaving> change) {
        offer(null);
        studio.editStructure(name, Weaving.class, change);
    }

    private void draft(String name, UnaryOperator<Draft> change) {
        edit(name, w -> w.withDraft(change.apply(w.draft())));
    }

    private void cloth(String name, UnaryOperator<Fabric> change) {
        edit(name, w -> w.withFabric(change.apply(w.fabric())));
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
    public Node node() {
        return node;
    }

    @Override
    public void show(Design design, Colourway colourway, Structure structure) {
        Weaving weaving = (Weaving) structure;
        Draft draft = weaving.draft();
        Fabric cloth = weaving.fabric();
        named.show(weaving.name());
        simple.show(weaving);
        shafts.show(draft.shafts());
        Ui.show(treadles, draft.tieUp().isPresent());
        treadles.show(draft.treadles());
        ends.show(draft.ends());
        picks.show(draft.picks());
        plan.show(draft.tieUp().isEmpty());
        shed.show(draft.rising());
        right.show(weaving.origin().right());
        bottom.show(weaving.origin().bottom());
        setts.show(design, colourway, weaving);
        look.show(cloth);
        endsPerCm.show(cloth.endsPerCm());
        picksPerCm.show(cloth.picksPerCm());
        numbers.show(weaving);
        period.show(cloth);
        turn.show(design, weaving);
    }
}
