package org.vatwright.desktop.building;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import org.vatwright.core.family.motif.Instance;
import org.vatwright.core.family.motif.Motifs;
import org.vatwright.core.family.motif.Placing;
import org.vatwright.core.repeat.Repeat;
import org.vatwright.desktop.studio.Aside;

import javafx.application.Platform;

/** What rows, rings or the scatter place. A scatter of thousands takes longer than a frame: it is thrown beside the window. */
final class PlacedMotifs {

    private record Asked(Motifs motifs, Repeat repeat) {}

    private record Known(Asked asked, List<Instance> placed) {}

    private final Aside<Known> aside = new Aside<>(Platform::runLater, this::take);
    private Optional<Known> known = Optional.empty();
    private Optional<Asked> waiting = Optional.empty();
    private Consumer<List<Instance>> then = placed -> {};

    /** @param told called with what is placed: at once where that is known, else later, unless something else is asked first */
    void tell(Motifs motifs, Repeat repeat, Consumer<List<Instance>> told) {
        Asked asked = new Asked(motifs, repeat);
        waiting = Optional.empty();
        if (!(motifs.placing() instanceof Placing.Scattered)) {
            told.accept(motifs.placed(repeat));
        } else if (known.isPresent() && known.get().asked().equals(asked)) {
            told.accept(known.get().placed());
        } else {
            waiting = Optional.of(asked);
            then = told;
            aside.ask(asked, work -> new Known(asked, motifs.placed(repeat, work)));
        }
    }

    private void take(Known found) {
        known = Optional.of(found);
        if (waiting.filter(found.asked()::equals).isPresent()) {
            waiting = Optional.empty();
            then.accept(found.placed());
        }
    }
}
