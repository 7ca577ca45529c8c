package org.vatwright.desktop.building;

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

    PeriodLines(Studio studio) {
        super(3);
        this.studio = studio;
        setId("period");
        ends.setId("period-ends");
        picks.setId("period-picks");
        offers.getStyleClass().add("offers");
        getChildren().addAll(Ui.label("The tile holds", "card-title"), ends, picks, offers);
    }

    void show(Fabric cloth) {
        offers.getChildren().clear();
        ends.setText(FabricPeriod.of(cloth, true).words("ends"));
        picks.setText(FabricPeriod.of(cloth, false).words("picks"));
        offer(cloth, true);
        if (cloth.ownWeft().isPresent()) {
            offer(cloth, false);
        }
        Ui.show(offers, !offers.getChildren().isEmpty());
    }

    private void offer(Fabric cloth, boolean warp) {
        FabricPeriod period = FabricPeriod.of(cloth, warp);
        Optional<FabricPeriod.Offer> offer = period.smaller(warp ? cloth.warp() : cloth.weft());
        offer.filter(o -> o.threads() < period.threads()).ifPresent(o -> {
            String words = "%s %d %s %s band %d: %d %s".formatted(o.by() > 0 ? "Add" : "Take", Math.abs(o.by()),
                    Math.abs(o.by()) == 1 ? "thread" : "threads", o.by() > 0 ? "to" : "from", o.band() + 1, o.threads(),
                    warp ? "ends" : "picks");
            Button take = Ui.link(words,
                    () -> studio.editStructure(words.toLowerCase(java.util.Locale.ROOT), SettFabric.class,
                            p -> p.withFabric(p.fabric().withRun(warp, o.run()))));
            take.setId(warp ? "fewer-ends" : "fewer-picks");
            take.setWrapText(true);
            take.setMinWidth(0);
            offers.getChildren().add(take);
        });
    }
}
