package org.vatwright.desktop.inspect;

import java.util.EnumMap;
import java.util.Map;

import org.vatwright.core.measure.Numbers;
import org.vatwright.core.pattern.CheckLimit;
import org.vatwright.core.pattern.CheckLimits;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What the commission's designs are held against, and whether that is as usual. */
final class LimitRows extends VBox {

    private static final Map<CheckLimit, String> WORDS = new EnumMap<>(Map.of(CheckLimit.SEAM_STEP, "Seam step",
            CheckLimit.STRETCH, "Stretch", CheckLimit.FLOAT, "Longest float"));

    private final Map<CheckLimit, NumberRow> rows = new EnumMap<>(CheckLimit.class);
    private final Label told = Ui.label("", "quiet");
    private final Button usual;

    LimitRows(Studio studio) {
        setSpacing(8);
        for (CheckLimit limit : CheckLimit.values()) {
            NumberRow row = NumberRow.number(studio, WORDS.get(limit), "limit: " + limit.words(), limit.unit(), 2, 0.5,
                    n -> studio.edit("limit of %s %s %s".formatted(limit.words(), Numbers.plain(n), limit.unit()),
                            p -> p.withLimits(p.limits().with(limit, n))));
            rows.put(limit, row);
            getChildren().add(row);
        }
        usual = Ui.link("the usual ones",
                () -> studio.edit("usual limits", p -> p.withLimits(CheckLimits.USUAL)));
        usual.setId("usual-limits");
        getChildren().add(Ui.row(told, Ui.spring(), usual));
    }

    void show(CheckLimits limits) {
        rows.forEach((limit, row) -> row.show(limits.of(limit)));
        int own = limits.own().size();
        told.setText(own == 0 ? "All as usual" : own == 1 ? "One of your own" : own + " of your own");
        usual.setDisable(own == 0);
    }
}
