package org.vatwright.desktop.building;

import org.vatwright.core.colour.Colourway;
import org.vatwright.core.draft.NamedWeave;
import org.vatwright.core.family.weave.Weaving;
import org.vatwright.core.pattern.Design;
import org.vatwright.desktop.studio.Studio;

/** The weave of a cloth by its name or by what can be seen of it, and what it measures. */
final class WeaveChapter extends Chapter.Of<Weaving> {

    private final WeavePicker named;
    private final SimpleWeave simple;
    private final WeaveNumbers numbers;

    WeaveChapter(Studio studio) {
        super(studio, Weaving.class);
        named = new WeavePicker(studio, "weave", WeavePicker.NAMED, name -> {
            NamedWeave weave = NamedWeave.parse(name);
            edit("weave " + weave.name(), w -> w.withDraft(weave.name(), weave.draft()));
        });
        simple = new SimpleWeave(studio);
        numbers = new WeaveNumbers(simple::showFloat);
        hold(named, numbers, simple);
    }

    @Override
    void show(Design design, Colourway colourway, Weaving weaving) {
        named.show(weaving.name());
        simple.show(weaving);
        numbers.show(weaving);
    }
}
