package org.vatwright.desktop.building;

import java.util.List;

import org.vatwright.core.draft.Floats;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.loom.Fabric;
import org.vatwright.core.loom.Look;
import org.vatwright.core.loom.YarnLook;
import org.vatwright.core.measure.Numbers;
import org.vatwright.core.measure.Refusal;
import org.vatwright.core.measure.Require;
import org.vatwright.desktop.control.NumberRow;
import org.vatwright.desktop.control.Segments;
import org.vatwright.desktop.control.Ui;
import org.vatwright.desktop.studio.Studio;

import javafx.scene.layout.VBox;

/** A cloth from what can be seen of it, for those who read no drafts: thread, float, lines, gap. */
final class SimpleWeave extends VBox {

    private enum Lines {
        RIGHT("Rising"), LEFT("Falling");

        private final String words;

        Lines(String words) {
            this.words = words;
        }
    }

    private final Studio studio;
    private final NumberRow thread;
    private final NumberRow floats;
    private final Segments<Lines> lines;
    private final NumberRow gap;

    SimpleWeave(Studio studio) {
        super(6);
        this.studio = studio;
        thread = NumberRow.length(studio, "Thread", "thread width", mm -> {
            Require.within("thread width", mm, 0.01, 100, "mm");
            cloth("threads of %s mm".formatted(Numbers.plain(mm, 3)), c -> c.withCounts(10 / mm, 10 / mm));
        });
        floats = NumberRow.number(studio, "Float", "float length", "threads", 0, 1, n -> weave((int) Math.rint(n)));
        lines = new Segments<>(List.of(Lines.values()), l -> l.words, l -> lines(l == Lines.LEFT));
        lines.button(Lines.LEFT).setId("lines-falling");
        gap = NumberRow.number(studio, "Gap", "gap between threads", "%", 1, 5, n -> {
            Require.within("gap", n, 0, 95, "%");
            cloth("gap %s %%".formatted(Numbers.plain(n)), c -> c.withLook(new Look.Yarns(
                    yarn(c).withWidths(1 - n / 100, 1 - n / 100))));
        });
        getChildren().addAll(Ui.label("By eye", "card-title"), thread, floats, Ui.labelled("Lines", lines), gap);
    }

    private void cloth(String name, java.util.function.UnaryOperator<Fabric> change) {
        studio.editStructure(name, Weaving.class, w -> w.withFabric(change.apply(w.fabric())));
    }

    private static YarnLook yarn(Fabric cloth) {
        return cloth.look() instanceof Look.Yarns(YarnLook yarn) ? yarn : YarnLook.named("cotton");
    }

    /** One thread is plain weave, more are a twill with floats of that length on both faces. */
    private void weave(int length) {
        Require.within("float length", length, 1, 16);
        NamedWeave weave = NamedWeave.parse(length == 1 ? "plain" : "twill %d/%d".formatted(length, length));
        boolean done = studio.editStructure("floats of %d threads".formatted(length), Weaving.class,
                w -> w.withDraft(weave.name(), weave.draft()));
        if (done) {
            // Known at once here; what is measured comes later, when the field may be left already.
            floats.show(length);
        }
    }

    /** A named twill keeps its name; any other draft is threaded the other way round. */
    private void lines(boolean left) {
        studio.editStructure(left ? "falling lines" : "rising lines", Weaving.class, w -> {
            String name = w.name().replaceFirst(" left$", "") + (left ? " left" : "");
            if (w.name().equals(name)) {
                return w;
            }
            try {
                NamedWeave weave = NamedWeave.parse(name);
                return w.withDraft(weave.name(), weave.draft());
            } catch (Refusal unnamed) {
                return w.withDraft(name, w.draft().withThreading(w.draft().threading().mirroredAcross()));
            }
        });
    }

    /** Comes when it is known; large drafts take a moment. */
    void showFloat(Floats.Run run) {
        floats.show(Math.min(16, run.along()));
    }

    void show(Weaving weaving) {
        Fabric cloth = weaving.fabric();
        thread.show(10 / cloth.endsPerCm());
        lines.show(weaving.name().endsWith("left") ? Lines.LEFT : Lines.RIGHT);
        gap.show(cloth.look() instanceof Look.Yarns(YarnLook yarn) ? 100 * (1 - yarn.warpWidth()) : 0);
    }
}
