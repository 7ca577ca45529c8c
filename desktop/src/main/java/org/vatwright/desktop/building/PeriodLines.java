package org.vatwright.desktop.building;

import java.util.Locale;
import java.util.Optional;

import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.FabricPeriod;
import org.vatwright.core.woven.SettFabric;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** How many threads the tile holds each way and why, and the thread that would make it fewer. */
final class PeriodLines extends VBox {

    private final Studio studio;
    private final Label ends = Ui.prose("", "quiet");
    private final Label picks = Ui.prose("", "quiet");
    private final VBox offers = new VBox(2);
    private final Button fewerEnds = offer("fewer-ends");
    private final Button fewerPicks = offer("fewer-picks");

    PeriodLines(Studio studio) {
        super(3);
        this.studio = studio;
        setId("period");
        ends.setId("period-ends");
        picks.setId("period-picks");
        offers.getStyleClass().add("offers");
        offers.getChildren().addAll(fewerEnds, fewerPicks);
        getChildren().addAll(Ui.label("The tile holds", "card-title"), ends, picks, offers);
    }

    void show(Fabric cloth) {
        ends.setText(FabricPeriod.of(cloth, true).words("ends"));
        picks.setText(FabricPeriod.of(cloth, false).words("picks"));
        Optional<FabricPeriod.Offer> fewEnds = offer(cloth, true);
        Optional<FabricPeriod.Offer> fewPicks = cloth.ownWeft().flatMap(own -> offer(cloth, false));
        show(fewerEnds, fewEnds, true);
        show(fewerPicks, fewPicks, false);
        Ui.show(offers, fewEnds.isPresent() || fewPicks.isPresent());
    }

    private static Button offer(String id) {
        Button take = Offers.button();
        take.setId(id);
        return take;
    }

    private static Optional<FabricPeriod.Offer> offer(Fabric cloth, boolean warp) {
        FabricPeriod period = FabricPeriod.of(cloth, warp);
        return period.smaller(warp ? cloth.warp() : cloth.weft()).filter(o -> o.threads() < period.threads());
    }

    private void show(Button take, Optional<FabricPeriod.Offer> offer, boolean warp) {
        Ui.show(take, offer.isPresent());
        offer.ifPresent(o -> {
            String words = "%s %d %s %s band %d: %d %s".formatted(o.by() > 0 ? "Add" : "Take", Math.abs(o.by()),
                    Math.abs(o.by()) == 1 ? "thread" : "threads", o.by() > 0 ? "to" : "from", o.band() + 1, o.threads(),
                    warp ? "ends" : "picks");
            take.setText(words);
            take.setOnAction(e -> studio.editStructure(words.toLowerCase(Locale.ROOT), SettFabric.class,
                    p -> p.withFabric(p.fabric().withRun(warp, o.run()))));
        });
    }
}
