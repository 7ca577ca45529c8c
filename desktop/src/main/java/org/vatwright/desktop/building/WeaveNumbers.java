package org.vatwright.desktop.building;

import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.draft.Draft;
import org.vatwright.core.draft.Floats;
import org.vatwright.core.family.weave.ThreadCount;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.measure.Numbers;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Aside;

import javafx.application.Platform;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

/** What a weaver reckons with: floats, the face, sizes, threads of each colour. */
final class WeaveNumbers extends VBox {

    /** The cloth is reckoned for this width. */
    private static final double WIDTH_MM = 1400;

    private final Label weave = Ui.prose("", "quiet");
    private final Label threads = Ui.prose("", "quiet");
    private final Consumer<Floats.Run> longest;
    private final Aside<Floats> counting = new Aside<>(Platform::runLater, this::take);
    private Draft draft;
    private Fabric cloth;

    /** @param longest is told the longest float on the face */
    WeaveNumbers(Consumer<Floats.Run> longest) {
        super(3);
        this.longest = longest;
        weave.setId("weave-numbers");
        threads.setId("thread-numbers");
        getChildren().addAll(weave, threads);
    }

    void show(Weaving weaving) {
        draft = weaving.draft();
        cloth = weaving.fabric();
        Draft asked = draft;
        // A million crossings take a while; the grid need not wait for them.
        counting.ask(asked, work -> Floats.of(asked.drawdown()));
        show(cloth);
    }

    private void take(Floats floats) {
        String treadles = draft.tieUp().isEmpty() ? "" : ", %d treadles".formatted(draft.treadles());
        weave.setText("%d shafts%s; %d ends by %d picks. Longest float: warp %s; weft %s. Warp on the face %s %%."
                .formatted(draft.shafts(), treadles, draft.ends(), draft.picks(), words(floats.warpFace()),
                        words(floats.weftFace()), Numbers.plain(100 * cloth.weave().warpShare(), 1)));
        floats.longestOnFace().ifPresent(longest);
    }

    private void show(Fabric cloth) {
        StringBuilder text = new StringBuilder("A repeat is %s x %s mm.".formatted(
                Numbers.plain(cloth.periodWidthMm(), 2), Numbers.plain(cloth.periodHeightMm(), 2)));
        for (ThreadCount count : ThreadCount.of(cloth, WIDTH_MM)) {
            text.append("\n%s: %s a repeat; in a metre %s cm wide %s, %s m of yarn".formatted(count.ink().words(),
                    both(count.ends(), count.picks()), Numbers.plain(WIDTH_MM / 10),
                    both(count.endsInWidth(), count.picksInMetre()), Numbers.plain(count.yarnM(), 0)));
        }
        threads.setText(text.toString());
    }

    private static String both(double ends, double picks) {
        String e = "%s ends".formatted(Numbers.plain(ends, 0));
        String p = "%s picks".formatted(Numbers.plain(picks, 0));
        return picks == 0 ? e : ends == 0 ? p : e + " and " + p;
    }

    private static String words(Optional<Floats.Run> run) {
        return run.map(Floats.Run::words).orElse("none");
    }
}
