package org.vatwright.desktop.building;

import javafx.scene.control.Slider;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.family.flow.FlowLines;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

/** How the lines sway, and how they move when the design is a loop. */
final class FlowMotion extends Chapter.Of<FlowLines> {

    private final NumberRow sway;
    private final NumberRow waves;
    private final NumberRow travel;
    private final Slider phase = new Slider(0, 1, 0);
    private boolean showing;

    FlowMotion(Studio studio) {
        super(studio, FlowLines.class);
        sway = NumberRow.length(studio, "Sway", "sway of the lines",
                mm -> edit("sway %s mm".formatted(Numbers.plain(mm)), f -> f.withSway(f.sway().withAmountMm(mm))));
        waves = NumberRow.number(studio, "Waves", "waves of the sway", "", 0, 1,
                n -> edit("%s waves".formatted(Numbers.plain(n)),
                        f -> f.withSway(f.sway().withWaves((int) Math.rint(n)))));
        travel = NumberRow.number(studio, "Travel", "travel of the beads", "lists a loop", 0, 1,
                n -> edit("travel %s".formatted(Numbers.plain(n)), f -> f.withTravel((int) Math.rint(n))));
        phase.setId("phase");
        phase.setAccessibleText("phase of the motion");
        phase.valueProperty().addListener((o, was, is) -> {
            if (!showing) {
                if (!studio.dragging() && phase.isValueChanging()) {
                    studio.beginDrag("phase");
                }
                edit("phase", f -> f.withPhase(is.doubleValue()));
            }
        });
        phase.valueChangingProperty().addListener((o, was, is) -> {
            if (!is && studio.dragging()) {
                studio.endDrag();
            }
        });
        hold(Ui.pair(sway, waves),
                Ui.link("sway otherwise", () -> edit("sway otherwise", f -> f.withSway(f.sway().withSeed(
                        f.sway().seed() + 1)))),
                travel, Ui.labelled("Phase", phase));
    }

    @Override
    void show(Design design, Colourway colourway, FlowLines f) {
        showing = true;
        sway.show(f.sway().amountMm());
        waves.show(f.sway().waves());
        travel.show(f.travel());
        if (!phase.isValueChanging()) {
            phase.setValue(f.phase());
        }
        showing = false;
    }
}
